package nobrec.core.partner;

import java.util.List;
import java.util.Set;
import nobrec.core.refusal.Refusal;

/**
 * What one trading partner demands.
 *
 * @param customers as work orders call it
 * @param label whether each package bears a logistics label
 * @param elements what that label says in bars besides the package's number
 * @param locationNumber of the place where it receives; empty text for none
 * @param interchange who it is in an X12 interchange
 * @param test whether what it is sent is marked as a test
 * @param acknowledgedWithinHours until when it must acknowledge; zero where it does not
 */
public record PartnerProfile(
        String name,
        List<String> customers,
        boolean label,
        Set<LabelElement> elements,
        NoticeForm form,
        String locationNumber,
        InterchangeId interchange,
        boolean test,
        int acknowledgedWithinHours) {

    /** So many have room on a label of 4 x 6 in. */
    public static final int MOST_ELEMENTS = 2;

    public PartnerProfile {
        customers = List.copyOf(customers);
        elements = Set.copyOf(elements);
        ShopNumbers.requireLocation("The location number of " + name, locationNumber);
        if (elements.size() > MOST_ELEMENTS) {
            throw Refusal.unusable(
                    "The label for " + name, "It has room for two numbers besides that of the package.", "Choose two.");
        }
    }

    public boolean needsPackageNumbers() {
        return label || form != NoticeForm.NONE;
    }

    /** What it gets, in words. */
    public String inWords() {
        String labels = label ? "a logistics label for each package" : "";
        String notice = form == NoticeForm.NONE ? "" : "a ship notice, " + form.words();
        return name + " gets "
                + (labels.isEmpty() && notice.isEmpty()
                        ? "nothing special"
                        : labels + (labels.isEmpty() || notice.isEmpty() ? "" : " and ") + notice)
                + ".";
    }

    /**
     * Whether what it demands can be met with the numbers that the shop has.
     *
     * @throws Refusal where it cannot
     */
    public void requireMetBy(ShopNumbers shop) {
        if (customers.isEmpty()) {
            throw Refusal.unusable(
                    name, "No customer belongs to it.", "Write the customer’s name as work orders have it.");
        }
        if (needsPackageNumbers() && shop.companyPrefix().isEmpty()) {
            throw Refusal.unusable(
                    name,
                    "Its packages need numbers of their own, and the shop has no company prefix yet.",
                    "Write the prefix under Our numbers first.");
        }
        if (elements.contains(LabelElement.SHIP_TO_PLACE) && locationNumber.isEmpty()) {
            throw Refusal.unusable(
                    name,
                    "The label is to bear the number of the receiving place, and it is not written.",
                    "Write its location number, or take it off the label.");
        }
        if (form == NoticeForm.X12
                && !(interchange.isKnown() && shop.interchange().isKnown())) {
            throw Refusal.unusable(
                    name,
                    "An X12 notice needs the interchange IDs of both sides.",
                    "Write the partner’s here and ours under Our numbers.");
        }
    }
}
