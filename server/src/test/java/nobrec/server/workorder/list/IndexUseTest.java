package nobrec.server.workorder.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nobrec.core.joblist.JobColumn;
import nobrec.server.ServerTest;
import nobrec.server.StatementPlans;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;

/** What the database says it does with a list of many; {@code ./nobrec bench} asks it about every look at a million jobs. */
class IndexUseTest extends ServerTest {

    private static final int ROWS = 10;

    @Autowired
    private StatementPlans plans;

    @Autowired
    private JobListMapper mapper;

    @ParameterizedTest
    @EnumSource
    void aListOfManyIsMetInTheOrderOfAnIndex(JobColumn column) {
        for (boolean descending : new boolean[] {true, false}) {
            Asked asked = new Asked(List.of(), List.of(), null, column, descending, null);
            assertThat(plans.of(() -> mapper.many(asked, ROWS)))
                    .filteredOn(step -> step.table().equals("w"))
                    .singleElement()
                    .satisfies(step -> {
                        assertThat(step.index()).isNotNull();
                        assertThat(step.remark()).doesNotContain("filesort").doesNotContain("temporary");
                    });
        }
    }
}
