-- Run by the owner after every migration. The application's role serves requests: it may add to the record and read it.
grant usage on schema public to zonaris_app;
grant select, insert on event to zonaris_app;
grant select, insert, update on site_position, stream, command_answer to zonaris_app;
grant select, insert, update, delete on preference, clock_trouble, device, session, device_key, read_shape, snapshot, deadline, site_reading, house_rules_reading, station_reading, person_reading,
  hall_reading, fume_sheets_reading, samples_reading, monitor_reading, instrument_value, item_reading, cylinder_reading, place_reading, check_lists_reading, notice_reading, notice_told, permit_reading, permit_duty, permit_post, screen_heard, wearer_health, wardrobe_reading, day_plans_reading, bay_card,
  person_care, air_day, credential, failed_try, first_run to zonaris_app;
