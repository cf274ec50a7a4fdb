# The nginx in front of several instances. Sourced, not run.

front_home() { home_of "$data" front "$(is_root && echo www-data || id -un)"; }

# front_write [DOWN]: the configuration, with one instance taken out of the round when its number is given.
front_write() {
  local down=${1:-} home i
  home=$(front_home)
  {
    is_root && echo 'user www-data;'
    cat <<EOF
worker_processes 1;
pid $home/nginx.pid;
error_log $home/error.log warn;
events { worker_connections 2048; }
http {
  access_log off;
  server_tokens off;
  client_body_temp_path $home/body;
  proxy_temp_path $home/proxy;
  fastcgi_temp_path $home/fastcgi;
  uwsgi_temp_path $home/uwsgi;
  scgi_temp_path $home/scgi;
  # Whoever sends slowly waits here, where it costs no thread of an instance.
  client_header_timeout 10s;
  client_body_timeout 10s;
  client_max_body_size 201m;
  limit_conn_zone \$binary_remote_addr zone=each:1m;
  limit_conn each 200;
  limit_conn_status 503;
  upstream instances {
EOF
    for i in $(seq 1 "$(cat "$data/instances")"); do
      if [ "$i" = "$down" ]; then
        echo "    server 127.0.0.1:$(cat "$data/app-$i.port") down;"
      else
        echo "    server 127.0.0.1:$(cat "$data/app-$i.port") max_fails=1 fail_timeout=2s;"
      fi
    done
    cat <<EOF
    keepalive 32;
  }
  server {
    listen ${YF_LISTEN:-127.0.0.1}:$port;
    location / {
      proxy_pass http://instances;
      proxy_http_version 1.1;
      proxy_set_header Connection "";
      proxy_set_header Host \$http_host;
      proxy_set_header X-Forwarded-For \$remote_addr;
      proxy_set_header X-Forwarded-Proto \$scheme;
      proxy_set_header X-Request-Id \$request_id;
      proxy_connect_timeout 2s;
      proxy_read_timeout 120s;
      # What only asks is asked of the other instance when one dies; what changes something is not sent twice.
      proxy_next_upstream error timeout;
      proxy_next_upstream_tries 2;
    }
  }
}
EOF
  } > "$home/nginx.conf"
}

front_runs() { kill -0 "$(cat "$(front_home)/nginx.pid" 2>/dev/null)" 2>/dev/null; }

front_start() {
  local home
  home=$(front_home)
  front_write
  if front_runs; then front_reload; return; fi
  nginx -c "$home/nginx.conf" -e "$home/error.log" 9>&- || fail "nginx did not start; $home/error.log says why."
}

front_reload() {
  local home
  home=$(front_home)
  nginx -c "$home/nginx.conf" -e "$home/error.log" -s reload 9>&-
}

front_stop() {
  [ -e "$data/front" ] || return 0
  front_runs && kill -QUIT "$(cat "$(front_home)/nginx.pid")"
  return 0
}
