-- Every document carries the number of the format it was written in: {"format": n, "content": …}. Formats are read, not only written.
alter table job alter column form varchar(400000) not null;
update job set form = '{"format":' || form_format || ',"content":' || form || '}';
alter table job drop column form_format;

alter table job_step alter column form varchar(400000) not null;
update job_step set form = '{"format":' || form_format || ',"content":' || form || '}';
alter table job_step drop column form_format;

alter table machine alter column profile varchar(1000000) not null;
update machine set profile = '{"format":' || profile_format || ',"content":' || profile || '}';
alter table machine drop column profile_format;

alter table memory_slot alter column figures varchar(20000) not null;
update memory_slot set figures = '{"format":1,"content":' || figures || '}';
alter table memory_slot add column sheet varchar(200000);

alter table job_panel alter column stands varchar(20000) not null;
alter table job_panel alter column answers varchar(20000) not null;
update job_panel set stands = '{"format":1,"content":' || stands || '}', answers = '{"format":1,"content":' || answers || '}';

alter table shop alter column ways varchar(20000) not null;
update shop set ways = '{"format":' || ways_format || ',"content":' || ways || '}';
alter table shop drop column ways_format;
