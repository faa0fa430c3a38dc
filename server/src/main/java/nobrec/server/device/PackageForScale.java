package nobrec.server.device;

import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * Somebody is about to read scale and frame for a package. In the demo an assistant hears this and puts the package there.
 *
 * @param size of its carton
 */
public record PackageForScale(Optional<Weight> expectedWeight, Size size) {}
