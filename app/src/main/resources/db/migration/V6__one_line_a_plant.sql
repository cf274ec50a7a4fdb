-- Two people who put the same plant on a list at once have put it there once.
delete from list_line later using list_line first
where later.visit_id = first.visit_id and later.cultivar_id = first.cultivar_id and later.id > first.id;

create unique index list_line_plant on list_line (visit_id, cultivar_id);
