import { configure } from "@testing-library/react";

// A machine that is busy with other checks is slow, and no answer of a test depends on how slow.
configure({ asyncUtilTimeout: 8_000 });
