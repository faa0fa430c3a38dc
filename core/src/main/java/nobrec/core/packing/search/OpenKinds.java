package nobrec.core.packing.search;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.measure.Weight;

/** Which kinds of carton are worth filling with most of what is needed: those that cost the least for the room they give. */
final class OpenKinds {

    private final Fits fits;
    private final PackageCost cost;
    private final int[] needed;
    private final long volume;
    private final long weight;
    private final List<Rated> rated;

    OpenKinds(Fits fits, PackageCost cost, int[] needed) {
        this.fits = fits;
        this.cost = cost;
        this.needed = needed;
        long volumes = 0;
        long weights = 0;
        for (int kind = 0; kind < needed.length; kind++) {
            volumes += fits.kinds()[kind].volume * needed[kind];
            weights += fits.kinds()[kind].weight * needed[kind];
        }
        this.volume = Math.max(1, volumes);
        this.weight = weights;
        this.rated = rated();
    }

    /**
     * @param held volume of the pieces that fit in
     * @param cents when full
     * @param price for a unit of volume when full
     */
    private record Rated(int carton, long held, long cents, double price) {}

    /** Whether one kind of carton alone can be used at all. */
    boolean isOnlyOne() {
        return rated.size() == 1;
    }

    /** Whether all cost the same, so that the fewest are the cheapest. */
    boolean costTheSame() {
        return rated.stream().mapToLong(Rated::cents).distinct().count() <= 1;
    }

    private List<Rated> rated() {
        return IntStream.range(0, fits.cartons().size())
                .mapToObj(this::rate)
                .filter(each -> each.held > 0 && each.price < Double.MAX_VALUE)
                .toList();
    }

    /**
     * Kinds of carton in the order in which they are to be opened: the cheapest for its room that takes more than half of all
     * first, then the others by their price. None when there are pieces that no kind takes.
     */
    List<OpenCartons.Kind> preferred() {
        List<Rated> byPrice = rated.stream()
                .sorted(Comparator.comparingDouble(Rated::price).thenComparingInt(Rated::carton))
                .toList();
        List<OpenCartons.Kind> kinds = byPrice.stream().map(this::kind).toList();
        for (int kind = 0; kind < needed.length; kind++) {
            PieceKind piece = fits.kinds()[kind];
            if (needed[kind] > 0 && kinds.stream().noneMatch(each -> each.takes(piece))) {
                return List.of();
            }
        }
        long maximum = rated.stream().mapToLong(Rated::held).max().orElse(0);
        return byPrice.stream()
                .filter(each -> each.held > maximum / 2)
                .findFirst()
                .map(best -> first(kind(best), kinds))
                .orElse(List.of());
    }

    private OpenCartons.Kind kind(Rated each) {
        return new OpenCartons.Kind(each.carton, fits.roomOf(each.carton), maximumContents(each.carton));
    }

    private static List<OpenCartons.Kind> first(OpenCartons.Kind best, List<OpenCartons.Kind> kinds) {
        return Stream.concat(Stream.of(best), kinds.stream().filter(each -> each.carton() != best.carton()))
                .toList();
    }

    private long maximumContents(int carton) {
        CartonType type = fits.cartons().get(carton);
        long byService = cost.maximumGross().eighthNanograms() - type.tare().eighthNanograms();
        return Math.max(0, Math.min(byService, type.maximumContents().eighthNanograms()));
    }

    private Rated rate(int carton) {
        CartonType type = fits.cartons().get(carton);
        long held = 0;
        for (int kind = 0; kind < needed.length; kind++) {
            if (needed[kind] > 0 && fits.mayHoldOne(carton, kind)) {
                held += fits.kinds()[kind].volume * needed[kind];
            }
        }
        return priced(carton, held, type);
    }

    /** Taken to be as heavy as all pieces are for their volume. */
    private Rated priced(int carton, long pieces, CartonType type) {
        long[] room = fits.roomOf(carton);
        double fullVolume = PieceKind.volume(room[0], room[1], room[2]);
        double contents =
                Math.min(fullVolume / volume * weight, type.maximumContents().eighthNanograms());
        double byService =
                cost.maximumGross().eighthNanograms() - (double) type.tare().eighthNanograms();
        double carried = Math.max(0, Math.min(contents, byService));
        long cents = cost.cents(type, type.outer(), type.tare().plus(new Weight((long) carried)));
        double held = weight == 0 ? fullVolume : Math.min(fullVolume, carried / weight * volume);
        boolean taken = cents != PackageCost.NOT_TAKEN && held > 0;
        return new Rated(carton, pieces, cents, taken ? cents / held : Double.MAX_VALUE);
    }
}
