-- What records say of a plant is said to the shop whose records they are; where no shop stands, the catalogue says it.
alter table claim add column shop_id bigint references shop (id);

-- A measurement goes to the shop that noted it that day.
update claim set shop_id = (
        select min(r.shop_id) from plant_record r
        where r.plant = claim.cultivar_id and claim.source = 'Our records, ' || r.noted_on
            and r.age_years is not distinct from claim.at_age_years)
    where of_record and source_kind = 'OWN_RECORD';

-- What is worked out of many is the shop's that alone has records of the plant; of others it is worked out again with
-- the next record of any plant.
update claim set shop_id = (
        select min(r.shop_id) from plant_record r where r.plant = claim.cultivar_id having count(distinct r.shop_id) = 1)
    where of_record and source_kind = 'CALIBRATED';

delete from claim where of_record and shop_id is null;
alter table claim drop column of_record;

alter table claim drop constraint claim_cultivar_id_trait_value_source_source_kind_at_age_yea_key;
alter table claim
    add constraint claim_said_once unique nulls not distinct
        (cultivar_id, trait, value, source, source_kind, at_age_years, place, shop_id);
