package nobrec.server.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import nobrec.server.api.request.RequestSettings;
import nobrec.server.api.request.SenderAddress;
import nobrec.server.api.security.SignInGate;
import nobrec.server.platform.Fingerprint;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Slows down guessing by the account that is tried and by who sends, for all servers together: after some wrong passwords
 * each further try has to wait a little longer, and nobody is ever locked out. A device from which the person has signed in
 * before is counted by itself, so that a stranger's tries do not keep her waiting. Names that are nobody's count for their
 * sender only.
 */
@Component
public class SignIns implements SignInGate {

    private static final String DEVICE_COOKIE = "nobrec-device";
    private static final Duration DEVICE_IS_KNOWN_FOR = Duration.ofDays(180);
    private static final int TOKEN_BYTES = 32;

    private final AppUserMapper users;
    private final SignInMapper mapper;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    SignIns(AppUserMapper users, SignInMapper mapper, Clock clock) {
        this.users = users;
        this.mapper = mapper;
        this.clock = clock;
    }

    @Override
    @Transactional
    public Optional<Duration> mustWait(String name, HttpServletRequest request) {
        Instant now = clock.instant();
        List<String> subjects = subjects(name, request);
        Optional<Duration> wait = Optional.empty();
        for (String subject : subjects) {
            wait = longer(wait, mapper.failureLocked(subject).flatMap(each -> SignInPace.wait(each, now)));
        }
        if (wait.isEmpty()) {
            subjects.forEach(subject -> mapper.countFailure(subject, now, now.minus(SignInPace.FORGOTTEN_AFTER)));
        }
        return wait;
    }

    private static Optional<Duration> longer(Optional<Duration> one, Optional<Duration> other) {
        return one.isEmpty()
                ? other
                : other.filter(each -> each.compareTo(one.get()) > 0).or(() -> one);
    }

    /** What a try is counted under, always in the same order. */
    private List<String> subjects(String name, HttpServletRequest request) {
        Optional<AppUser> account = users.find(SignInGate.spelled(name));
        Optional<String> device = token(request)
                .map(Fingerprint::of)
                .filter(hash ->
                        account.filter(user -> mapper.isKnown(hash, user.id())).isPresent());
        if (device.isPresent()) {
            return List.of("device:" + device.get());
        }
        List<String> subjects = new ArrayList<>();
        account.ifPresent(user -> subjects.add("account:" + user.id()));
        subjects.add(sender(request));
        return subjects;
    }

    private static String sender(HttpServletRequest request) {
        return "sender:" + SenderAddress.of(request);
    }

    @Override
    @Transactional
    public void succeeded(String name, HttpServletRequest request, HttpServletResponse response) {
        AppUser user = users.find(name).orElseThrow();
        Instant now = clock.instant();
        subjects(name, request).stream()
                .filter(subject -> !subject.startsWith("sender:"))
                .forEach(mapper::forget);
        mapper.takeOneBack(sender(request));
        mapper.forgetOld(now.minus(Duration.ofDays(1)));
        mapper.forgetOldDevices(now.minus(DEVICE_IS_KNOWN_FOR));
        String token = token(request)
                .filter(each -> mapper.isKnown(Fingerprint.of(each), user.id()))
                .orElseGet(this::newToken);
        mapper.remember(Fingerprint.of(token), user.id(), now);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(DEVICE_COOKIE, token)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Strict")
                        .path(RequestSettings.SIGN_IN)
                        .maxAge(DEVICE_IS_KNOWN_FOR)
                        .build()
                        .toString());
    }

    private static Optional<String> token(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? Optional.empty()
                : Arrays.stream(cookies)
                        .filter(cookie -> cookie.getName().equals(DEVICE_COOKIE))
                        .map(Cookie::getValue)
                        .findFirst();
    }

    private String newToken() {
        byte[] token = new byte[TOKEN_BYTES];
        random.nextBytes(token);
        return HexFormat.of().formatHex(token);
    }
}
