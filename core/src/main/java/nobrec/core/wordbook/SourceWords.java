package nobrec.core.wordbook;

import java.util.Optional;

/** What the words of one source mean here. */
@FunctionalInterface
public interface SourceWords {

    /**
     * Our own word for one of the source's: a service's name, a carton's code, a country's two letters, the name of freight
     * terms, a unit.
     *
     * @return empty when nobody has said so yet
     */
    Optional<String> meaning(WordKind kind, String word);
}
