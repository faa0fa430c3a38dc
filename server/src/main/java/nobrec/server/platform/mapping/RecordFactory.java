package nobrec.server.platform.mapping;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.ibatis.reflection.factory.DefaultObjectFactory;
import org.mybatis.spring.boot.autoconfigure.ConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Makes the records of rows by their constructors, each looked up once. Without this MyBatis looks for the constructor again
 * for each row, and learns each time by an exception that a row's record is not public.
 */
class RecordFactory extends DefaultObjectFactory {

    private static final long serialVersionUID = 1L;

    private record Key(Class<?> type, List<Class<?>> parameters) {}

    private final transient Map<Key, Constructor<?>> constructors = new ConcurrentHashMap<>();

    @Configuration
    static class Use {
        @Bean
        ConfigurationCustomizer recordFactory() {
            return configuration -> configuration.setObjectFactory(new RecordFactory());
        }
    }

    @Override
    public <T> T create(Class<T> type, List<Class<?>> parameters, List<Object> values) {
        if (!type.isRecord() || parameters == null) {
            return super.create(type, parameters, values);
        }
        try {
            Constructor<?> constructor =
                    constructors.computeIfAbsent(new Key(type, List.copyOf(parameters)), RecordFactory::constructor);
            return type.cast(constructor.newInstance(values.toArray()));
        } catch (InstantiationException | IllegalAccessException failed) {
            throw new IllegalStateException("A row of " + type + " cannot be made", failed);
        } catch (InvocationTargetException refused) {
            throw new IllegalArgumentException("A row of " + type + " is refused", refused.getCause());
        }
    }

    private static Constructor<?> constructor(Key key) {
        try {
            Constructor<?> constructor =
                    key.type().getDeclaredConstructor(key.parameters().toArray(Class<?>[]::new));
            constructor.setAccessible(true);
            return constructor;
        } catch (NoSuchMethodException missing) {
            throw new IllegalStateException("No constructor for a row of " + key.type(), missing);
        }
    }
}
