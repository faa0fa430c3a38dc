package nobrec.server.api;

import io.swagger.v3.core.jackson.TypeNameResolver;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Names of schemas with their room before them, {@code posting.PostingView}: two rooms may have views of one name. */
final class RoomNames extends TypeNameResolver {

    private static final Pattern ROOM = Pattern.compile("^nobrec\\.(?:server|core)\\.([a-z]+)");

    static String of(Class<?> type) {
        Matcher room = ROOM.matcher(type.getPackageName());
        return room.find() ? room.group(1) + "." + type.getSimpleName() : type.getSimpleName();
    }

    @Override
    protected String getNameOfClass(Class<?> type) {
        return of(type);
    }
}
