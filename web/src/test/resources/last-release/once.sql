-- Runs the dump on the first connection only.
create alias if not exists run_once as $$
void runOnce(java.sql.Connection connection) throws Exception {
    var tables = connection.getMetaData().getTables(null, "PUBLIC", "JOB", null);
    if (!tables.next()) {
        connection.createStatement().execute("runscript from 'classpath:last-release/database-4.sql'");
    }
}
$$;
call run_once();
