-- One advisor after the other goes on through a visit, with thinking time: wrk … -s walk.lua -- FILE-OF-COOKIES FILE-OF-PATHS THINK-MS
-- Each line of the first file is an advisor's cookie, each of the second an address; every advisor walks them in order.
local cookies, paths, steps, think = {}, {}, {}, 0

local function lines(name)
  local found = {}
  for line in io.lines(name) do found[#found + 1] = line end
  return found
end

function init(args)
  cookies, paths, think = lines(args[1]), lines(args[2]), tonumber(args[3])
  math.randomseed(42)
  for i = 1, #cookies do steps[i] = math.random(#paths) end
end

function delay()
  return think > 0 and math.random(math.floor(think / 2), math.floor(think * 1.5)) or 0
end

local turn = 0
function request()
  turn = turn % #cookies + 1
  steps[turn] = steps[turn] % #paths + 1
  return wrk.format("GET", paths[steps[turn]], { Cookie = cookies[turn], ["Accept-Encoding"] = "gzip" })
end

function done(summary, latency)
  local errors = summary.errors
  io.write(string.format("requests %d, median %.0f ms, p95 %.0f ms, p99 %.0f ms, %.0f a second, errors %d\n",
    summary.requests, latency:percentile(50) / 1000, latency:percentile(95) / 1000, latency:percentile(99) / 1000,
    summary.requests / summary.duration * 1e6, errors.connect + errors.read + errors.write + errors.status + errors.timeout))
end
