-- What records say of a plant is said to the shop whose records they are; where no shop stands, the catalogue says it.
alter table claim add column shop_id bigint references shop (id);
update claim set shop_id = (select min(r.shop_id) from plant_record r where r.plant = claim.cultivar_id) where of_record;
delete from claim where of_record and shop_id is null;
alter table claim drop column of_record;

alter table claim drop constraint claim_cultivar_id_trait_value_source_source_kind_at_age_yea_key;
alter table claim
    add constraint claim_said_once unique nulls not distinct
        (cultivar_id, trait, value, source, source_kind, at_age_years, place, shop_id);
