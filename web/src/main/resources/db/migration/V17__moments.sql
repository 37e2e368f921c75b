-- Two made within one millisecond stood in no order; a microsecond keeps them as they came.
alter table job alter column created_at set data type timestamp(6) with time zone;
alter table machine alter column created_at set data type timestamp(6) with time zone;
alter table torch alter column created_at set data type timestamp(6) with time zone;
