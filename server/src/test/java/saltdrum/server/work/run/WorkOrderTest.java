package saltdrum.server.work.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.List;
import org.junit.jupiter.api.Test;

class WorkOrderTest {
    @Test
    void jsonKnowsEveryOrder() {
        assertThat(WorkOrder.class.getAnnotation(JsonSubTypes.class).value())
                .extracting(JsonSubTypes.Type::value)
                .containsExactlyInAnyOrder(WorkOrder.class.getPermittedSubclasses());
    }

    @Test
    void anOrderThatNobodyDoesIsToldAtTheStart() {
        assertThatThrownBy(() -> new WorkRegistry(List.of())).hasMessageContaining("There is no bean for the order");
    }
}
