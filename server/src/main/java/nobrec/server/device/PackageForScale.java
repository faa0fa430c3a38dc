package nobrec.server.device;

import java.util.Optional;
import nobrec.core.measure.Weight;

/** Somebody is about to read the scale for a package. In the demo an assistant hears this and puts the package on it. */
public record PackageForScale(Optional<Weight> expectedWeight) {}
