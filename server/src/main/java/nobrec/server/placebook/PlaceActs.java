package nobrec.server.placebook;

import java.util.Optional;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.intake.PlaceFile;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;
import nobrec.server.place.OutsideAddressChecks;
import nobrec.server.place.Place;
import nobrec.server.place.Places;
import nobrec.server.platform.csv.HeadedRows;
import nobrec.server.site.Sites;
import nobrec.server.workorder.JobPlaces;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What people do with places; jobs that go there follow. */
@Service
class PlaceActs {

    private static final int AT_ONCE = 200;

    private final Places places;
    private final JobPlaces jobs;
    private final Sites sites;
    private final OutsideAddressChecks outside;
    private final OutsideKeeper keeper;

    PlaceActs(Places places, JobPlaces jobs, Sites sites, OutsideAddressChecks outside, OutsideKeeper keeper) {
        this.outside = outside;
        this.keeper = keeper;
        this.places = places;
        this.jobs = jobs;
        this.sites = sites;
    }

    /** What the shop knows of it; what stands there counts for all jobs that have not left. */
    @Transactional
    void describe(long id, int version, String phone, String note, Optional<PlaceKind> kind, String signIn) {
        Place before = places.byId(id);
        places.describe(id, version, phone(phone, before), note.strip(), kind, signIn);
        if (!kind.equals(before.saidKind())) {
            jobs.kindSaid(id, kind);
        }
    }

    private static String phone(String text, Place place) {
        if (text.isBlank()) {
            return "";
        }
        Reading<PhoneNumber> reading = PhoneNumber.read(text, place.address().country());
        if (reading instanceof Reading.Refused<PhoneNumber> refused) {
            throw Refusal.unusable("The phone number", refused.reason(), refused.remedy());
        }
        return reading.found().orElseThrow().e164();
    }

    String homeCountry() {
        return sites.home().country();
    }

    /** Asks outside first, so that no transaction waits for it. */
    OutsideAddressChecks.Answer askOutside(PostalAddress address) {
        OutsideAddressChecks.Answer answer = outside.check(address);
        keeper.kept(address, answer);
        return answer;
    }

    @Transactional
    Place merge(long into, long other, String signIn) {
        Place stays = places.merge(other, into, signIn);
        jobs.move(other, into);
        jobs.kindSaid(into, stays.saidKind());
        return stays;
    }

    /** Places of a file; what the file says of those that are here counts from now on. */
    PlaceFile.Result takeIn(HeadedRows file, String signIn) {
        PlaceFile.Result read =
                PlaceFile.read(file.header(), file.rows(), sites.home().country());
        if (!read.readAs().containsValue("Ship-to company") && !read.readAs().containsValue("Ship-to person")) {
            throw Refusal.unusable(
                    "The file",
                    "No column of it looks like names of places.",
                    "Name the columns in its first row: " + String.join(", ", PlaceFile.header()) + ".");
        }
        for (int from = 0; from < read.entries().size(); from += AT_ONCE) {
            places.takeIn(read.entries().subList(from, Math.min(read.entries().size(), from + AT_ONCE)), signIn);
        }
        return read;
    }
}
