-- A visit belongs to a shop. There is one for now.
create table shop (
    id   bigint       primary key,
    name varchar(120) not null
);
insert into shop values (1, 'the shop');

alter table person         add column shop_id bigint not null default 1 references shop (id);
alter table api_token      add column shop_id bigint not null default 1 references shop (id);
alter table visit          add column shop_id bigint not null default 1 references shop (id);
alter table visit_revision add column shop_id bigint not null default 1 references shop (id);
alter table list_line      add column shop_id bigint not null default 1 references shop (id);
-- From here on whoever writes a row says whose it is.
alter table visit          alter column shop_id drop default;
alter table visit_revision alter column shop_id drop default;
alter table list_line      alter column shop_id drop default;

drop index visit_changed;
create index visit_changed on visit (shop_id, changed_at desc);

-- Answers were texts by field (“site.sunHours”: “4.5”, “from.sunHours”: “COMPUTED|from the drawing”). They become an
-- object for each section, in it the fields by name, each with a value of its own type.
create function pg_temp.typed(field text, value text) returns jsonb language plpgsql immutable as $$
begin
    if field in ('place', 'customer', 'note', 'zone', 'patch', 'nativeRegion', 'texture') then
        return to_jsonb(value);
    elsif field in ('exposure', 'kinds', 'colours', 'uses', 'must', 'neverKinds', 'neverColours', 'neverUses', 'passed') then
        return case when value = 'none' then '[]'::jsonb else to_jsonb(string_to_array(value, '|')) end;
    elsif field in ('bloomMonths', 'colourMonths', 'springFrosts', '3', '6', '9', '12') then
        return (select jsonb_agg(each::numeric) from unnest(string_to_array(value, '|')) each);
    elsif field = 'phReadings' then
        return (select jsonb_agg(each::numeric) from unnest(regexp_split_to_array(btrim(value), '[\s;|]+')) each);
    elsif value in ('yes', 'no') then
        return to_jsonb(value = 'yes');
    elsif value ~ '^-?\d+(\.\d+)?$' then
        return to_jsonb(value::numeric);
    end if;
    return to_jsonb(value);
exception when others then
    return null;
end $$;

-- A depth of work in the soil’s tests was kept as it was typed: “30 cm”, “1 ft”.
create function pg_temp.metres(value text) returns jsonb language plpgsql immutable as $$
declare
    parts text[] := regexp_match(lower(btrim(value)), '^(\d+(?:[.,]\d+)?)\s*(m|cm|ft|in|")?$');
    units numeric;
begin
    if parts is null then
        return null;
    end if;
    units := case coalesce(parts[2], 'm') when 'cm' then 0.01 when 'ft' then 0.3048 when 'in' then 0.0254 when '"' then 0.0254 else 1 end;
    return to_jsonb(round(replace(parts[1], ',', '.')::numeric * units, 4));
end $$;

create function pg_temp.section(answers jsonb, prefix text, but text) returns jsonb language sql immutable as $$
    select jsonb_object_agg(substr(key, length(prefix) + 1), typed)
    from (
        select key, pg_temp.typed(substr(key, length(prefix) + 1), value) as typed
        from jsonb_each_text(answers)
        where starts_with(key, prefix) and key !~ but
    ) fields
    where typed is not null
$$;

create function pg_temp.sections(old jsonb) returns jsonb language sql immutable as $$
    select jsonb_strip_nulls(jsonb_build_object(
        'about', (
            select jsonb_object_agg(key, case key
                    when 'units' then to_jsonb(lower(value))
                    when 'policy' then to_jsonb(lower(value))
                    else pg_temp.typed(key, value) end)
            from jsonb_each_text(old)
            where key in ('place', 'customer', 'note', 'units', 'policy', 'passed')),
        'site', (
            select jsonb_object_agg(name, jsonb_strip_nulls(jsonb_build_object(
                    'value', value,
                    'from', lower(coalesce(nullif(split_part(source, '|', 1), ''), 'typed')),
                    'by', nullif(substr(source, strpos(source, '|') + 1), ''))))
            from (
                select substr(key, 6) as name, pg_temp.typed(substr(key, 6), value) as value,
                       coalesce(old ->> ('from.' || substr(key, 6)), '') as source
                from jsonb_each_text(old)
                where starts_with(key, 'site.')
            ) fields
            where value is not null),
        'wishes', pg_temp.section(old, 'wants.', '^wants\.never'),
        'never', (
            select jsonb_object_agg(lower(left(name, 1)) || substr(name, 2), typed)
            from (
                select substr(key, 12) as name, pg_temp.typed(substr(key, 7), value) as typed
                from jsonb_each_text(old)
                where starts_with(key, 'wants.never') and key <> 'wants.never'
            ) fields
            where typed is not null),
        'position', nullif(coalesce(pg_temp.section(old, 'at.', '^$'), '{}'::jsonb) || case
                when old ->> 'from.maxHeightM' like '%the sill of%' then '{"limitedBy": "window"}'::jsonb
                else '{}'::jsonb end, '{}'::jsonb),
        'drawing', (
            select jsonb_object_agg(substr(key, 6), value::jsonb)
            from jsonb_each_text(old) where starts_with(key, 'draw.')),
        'soil', nullif(coalesce(pg_temp.section(old, 'soil.', '^soil\.depthM$'), '{}'::jsonb)
                || jsonb_strip_nulls(jsonb_build_object('depthM', pg_temp.metres(old ->> 'soil.depthM'))), '{}'::jsonb),
        'seen-sun', pg_temp.section(old, 'seen.', '^$')))
$$;

update visit set answers = pg_temp.sections(answers);
update visit_revision set answers = pg_temp.sections(answers);
