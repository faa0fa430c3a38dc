package nobrec.server.connection;

import java.net.ConnectException;
import java.net.SocketTimeoutException;
import java.net.URI;
import java.net.UnknownHostException;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.SQLTimeoutException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/**
 * Reads from a database of somebody else's (MariaDB, or what speaks its protocol), and writes into it. The user of what is read must be
 * allowed to read and nothing else, that of what is written may change rows besides: it is looked up there each time. What reads runs in
 * a transaction that is read only.
 */
@Component
public class DatabaseCalls {

    private static final String SCHEME = "mariadb";

    /** What its address looks like, in words. */
    public static final String ADDRESS_FORM =
            "jdbc:mariadb://, the host, its port if it is another than 3306, and / with the database's name";

    private static final Duration LONGEST_CONNECT = Duration.ofSeconds(5);
    private static final int USUAL_PORT = 3306;
    private static final Pattern GRANT = Pattern.compile("^GRANT (.+?) ON .*", Pattern.CASE_INSENSITIVE);
    private static final Pattern COLUMNS = Pattern.compile("\\s*\\([^)]*\\)");
    private static final List<String> READING = List.of("USAGE", "SELECT", "SHOW VIEW");
    private static final List<String> WRITING = List.of("USAGE", "SELECT", "SHOW VIEW", "UPDATE", "INSERT");
    private static final int NO_SUCH_DATABASE = 1049;
    private static final int WRONG_PASSWORD = 1045;
    private static final int NOT_ALLOWED_IN_DATABASE = 1044;
    private static final List<Integer> TOO_LONG = List.of(1969, 3024, 1317);
    private static final List<Integer> SOMEBODY_ELSE_WRITES = List.of(1205, 1213);

    /** Something read, in one connection. */
    public interface Work<T> {
        T read(java.sql.Connection database) throws SQLException, ReadFault;
    }

    private final InnerHosts innerHosts;

    DatabaseCalls(InnerHosts innerHosts) {
        this.innerHosts = innerHosts;
    }

    public static boolean isDatabase(URI address) {
        return SCHEME.equalsIgnoreCase(address.getScheme()) && address.getPath().matches("/[A-Za-z0-9_$-]{1,64}");
    }

    /** Reads with a user that may do nothing else. */
    public <T> T read(Connection connection, Work<T> work) throws ReadFault {
        return read(connection, READING, work);
    }

    /** Reads with a user that may write besides; nothing is changed all the same. */
    public <T> T look(Connection connection, Work<T> work) throws ReadFault {
        return read(connection, WRITING, work);
    }

    private <T> T read(Connection connection, List<String> rights, Work<T> work) throws ReadFault {
        OutsideTransactions.require(connection);
        requireAllowed(connection.address());
        try (java.sql.Connection database = DriverManager.getConnection(url(connection), signIn(connection))) {
            requireNoMore(database, rights, "read", "SELECT on the view");
            database.setAutoCommit(false);
            try (Statement statement = database.createStatement()) {
                statement.execute("SET SESSION TRANSACTION READ ONLY");
            }
            return work.read(database);
        } catch (SQLException failed) {
            throw fault(connection, failed, "SELECT");
        }
    }

    /** All of it or nothing: what fails half way leaves nothing there. */
    public <T> T write(Connection connection, Work<T> work) throws ReadFault {
        OutsideTransactions.require(connection);
        requireAllowed(connection.address());
        try (java.sql.Connection database = DriverManager.getConnection(url(connection), signIn(connection))) {
            requireNoMore(database, WRITING, "change rows", "SELECT, UPDATE or INSERT on what is written");
            database.setAutoCommit(false);
            T result = work.read(database);
            database.commit();
            return result;
        } catch (SQLException failed) {
            throw fault(connection, failed, "statement");
        }
    }

    /** Only host, port and name are taken from what somebody entered: no option of the driver can be slipped in. */
    private static String url(Connection connection) {
        URI address = connection.address();
        int port = address.getPort() < 0 ? USUAL_PORT : address.getPort();
        return "jdbc:mariadb://" + address.getHost() + ":" + port + address.getRawPath();
    }

    private Properties signIn(Connection connection) {
        Properties properties = new Properties();
        // outside our own network nobody may read along, nor stand in for it
        properties.setProperty("sslMode", innerHosts.names(connection.address()) ? "disable" : "verify-full");
        connection.credentials().ifPresent(credentials -> {
            properties.setProperty("user", credentials.userName());
            properties.setProperty("password", credentials.secret());
        });
        properties.setProperty("allowLocalInfile", "false");
        properties.setProperty("allowMultiQueries", "false");
        properties.setProperty("connectTimeout", Long.toString(LONGEST_CONNECT.toMillis()));
        properties.setProperty(
                "socketTimeout", Long.toString(connection.timeLimit().toMillis()));
        return properties;
    }

    private void requireAllowed(URI address) throws ReadFault {
        try {
            innerHosts.require(address);
        } catch (UnknownHostException unknown) {
            throw noSuchHost(address);
        }
    }

    private static ReadFault noSuchHost(URI address) {
        return ReadFault.lasting("There is no host “" + address.getHost() + "”.", "Check how the address is written.");
    }

    /** @param rights that its user may have */
    private static void requireNoMore(java.sql.Connection database, List<String> rights, String act, String needed)
            throws SQLException, ReadFault {
        List<String> more = new ArrayList<>();
        try (Statement statement = database.createStatement();
                ResultSet grants = statement.executeQuery("SHOW GRANTS")) {
            while (grants.next()) {
                Matcher grant = GRANT.matcher(grants.getString(1));
                if (grant.matches()) {
                    for (String right :
                            COLUMNS.matcher(grant.group(1)).replaceAll("").split(",")) {
                        String plain = right.strip().toUpperCase(Locale.ROOT);
                        if (!rights.contains(plain)) {
                            more.add(plain);
                        }
                    }
                } else {
                    more.add(grants.getString(1));
                }
            }
        }
        if (!more.isEmpty()) {
            throw ReadFault.lasting(
                    "Its user may do more there than " + act + ": " + String.join(", ", more) + ".",
                    "Enter a user that has " + needed + " and nothing else.");
        }
    }

    private static ReadFault fault(Connection connection, SQLException failed, String what) {
        URI address = connection.address();
        if (has(failed, UnknownHostException.class)) {
            return noSuchHost(address);
        }
        if (has(failed, ConnectException.class)) {
            return ReadFault.passing(
                    address.getHost() + " refused the connection.", "Check the port, and whether it is running.");
        }
        if (has(failed, SQLTimeoutException.class)
                || has(failed, SocketTimeoutException.class)
                || TOO_LONG.contains(failed.getErrorCode())) {
            return ReadFault.passing(
                    "It gave no whole answer within " + connection.timeLimit().toMillis() + " ms.",
                    "Allow it more time, or have the " + what + " look at less.");
        }
        if (SOMEBODY_ELSE_WRITES.contains(failed.getErrorCode())) {
            return ReadFault.passing("Somebody else was writing there.", "It is tried again.");
        }
        return switch (failed.getErrorCode()) {
            case WRONG_PASSWORD -> ReadFault.lasting("It does not accept our user and password.", "Enter them again.");
            case NO_SUCH_DATABASE, NOT_ALLOWED_IN_DATABASE ->
                ReadFault.lasting(
                        "It has no database “" + address.getPath().replace("/", "") + "” that our user may read.",
                        "Check the end of the address, and what the user may read.");
            case 0 -> ReadFault.passing("The connection broke off: " + said(failed) + ".", "Try again.");
            default ->
                ReadFault.lasting("It refuses the " + what + ": " + said(failed) + ".", "Change it, then test again.");
        };
    }

    /** Its reason without the driver's numbers. */
    private static String said(SQLException failed) {
        String message = failed.getMessage() == null ? "no reason given" : failed.getMessage();
        return UnclearAnswer.shown(message.replaceFirst("^\\(conn=\\d+\\)\\s*", "")
                .replaceAll("\\s+", " ")
                .replaceAll("\\.$", ""));
    }

    private static boolean has(Throwable failed, Class<? extends Throwable> kind) {
        for (Throwable each = failed; each != null; each = each.getCause()) {
            if (kind.isInstance(each)) {
                return true;
            }
        }
        return false;
    }
}
