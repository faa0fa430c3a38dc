package nobrec.server.tracking;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.outbox.GrowingPause;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which packages a question is about, and what is kept where it brought nothing new; each in a transaction, done again after a deadlock. */
@Component
class TrackClaims {

    /** Should a question never end, its packages are due again after this. */
    private static final Duration CLAIM = Duration.ofMinutes(5);

    private static final int LONGEST_FAULT = 500;

    private final TrackMapper mapper;

    TrackClaims(TrackMapper mapper) {
        this.mapper = mapper;
    }

    /** @param key of the question */
    record Question(String key, List<TrackRow> packages) {
        private List<Long> ids() {
            return packages.stream().map(TrackRow::id).toList();
        }
    }

    /** Takes those of a carrier that are due longest, for a question of their own. */
    @Transactional
    public Question take(String carrier, Instant now, int limit) {
        String key = UUID.randomUUID().toString();
        List<TrackRow> due = mapper.dueLocked(carrier, now, limit);
        Question question = new Question(key, due);
        if (!due.isEmpty()) {
            mapper.claim(question.ids(), key, now.plus(CLAIM));
        }
        return question;
    }

    /** The carrier did not answer: all of them again after a while, which grows. */
    @Transactional
    public void unanswered(Question question, Instant now, String why) {
        int failures =
                question.packages().stream().mapToInt(TrackRow::failures).max().orElse(0);
        mapper.unanswered(
                question.ids(),
                question.key(),
                now.plus(GrowingPause.after(failures + 1, question.key())),
                Shortened.to(LONGEST_FAULT, why));
    }

    /** Nothing new of these. */
    @Transactional
    public void unchanged(List<Long> ids, NextTurn next, Instant now) {
        mapper.asked(ids, next.at(), now, next.fault());
    }

    /**
     * @param at null where it is asked no more
     * @param fault why nothing was learned; empty text where all is well
     */
    record NextTurn(@Nullable Instant at, String fault) {}
}
