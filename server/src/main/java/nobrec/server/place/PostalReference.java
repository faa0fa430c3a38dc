package nobrec.server.place;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.AddressCorrection;
import nobrec.core.address.PostalAddress;
import nobrec.core.address.PostalArea;
import nobrec.core.address.PostalIndex;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Postal codes with their cities, and the 3-digit areas they make up. */
@Service
public class PostalReference {

    private final PostalReferenceMapper mapper;

    /** Some 900 areas, read once: they come with the application and never change while it runs. */
    private volatile Map<String, PostalArea> areas = Map.of();

    /** Some 40,000 codes, likewise. */
    private volatile @Nullable PostalIndex codes;

    PostalReference(PostalReferenceMapper mapper) {
        this.mapper = mapper;
    }

    /** What is wrong with an address. */
    public List<AddressCheck.Finding> check(PostalAddress address) {
        return AddressCheck.check(address, codes().find(address.fiveDigitCode()));
    }

    /** What an address was probably meant to be, where its code, city and state do not agree. */
    public Optional<AddressCorrection> correction(PostalAddress address) {
        return AddressCorrection.of(address, codes());
    }

    private PostalIndex codes() {
        PostalIndex read = codes;
        if (read == null) {
            read = new PostalIndex(mapper.codes());
            codes = read;
        }
        return read;
    }

    /** The area of a postal code; empty when no postal code of that area exists. */
    public Optional<PostalArea> areaOf(String postalCode) {
        if (areas.isEmpty()) {
            areas = mapper.areas().stream()
                    .map(PostalAreaRow::area)
                    .collect(Collectors.toMap(PostalArea::code, Function.identity()));
        }
        return Optional.ofNullable(areas.get(PostalArea.codeOf(postalCode)));
    }
}
