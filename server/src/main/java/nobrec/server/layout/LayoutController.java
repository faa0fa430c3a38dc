package nobrec.server.layout;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.security.Principal;
import java.util.Arrays;
import java.util.List;
import nobrec.core.layout.OrderField;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Layouts, as people make and share them. */
@RestController
@Tag(name = "sources")
class LayoutController {

    /** @param fields all that a column can feed */
    record LayoutList(List<LayoutView> rows, List<FieldView> fields) {}

    record LayoutView(long id, int version, LayoutDocument layout) {}

    record FieldView(OrderField field, String label, OrderField.Part part, OrderField.Form form, boolean custom) {}

    /** @param version that was looked at */
    record LayoutChange(int version, @NotNull @Valid LayoutDocument layout) {}

    private final SavedLayouts layouts;

    LayoutController(SavedLayouts layouts) {
        this.layouts = layouts;
    }

    @GetMapping("/api/v1/layouts")
    @ForEveryone
    LayoutList layouts() {
        return new LayoutList(
                layouts.all().stream().map(LayoutController::view).toList(),
                Arrays.stream(OrderField.values())
                        .map(field -> new FieldView(field, field.label(), field.part(), field.form(), field.isCustom()))
                        .toList());
    }

    /** Keeps a layout, as one that another shop exported. */
    @PostMapping("/api/v1/layouts")
    @ForCoordinators
    LayoutView add(@Valid @RequestBody LayoutDocument layout, Principal who) {
        return view(layouts.add(layout, List.of(), who.getName()));
    }

    @PutMapping("/api/v1/layouts/{id}")
    @ForCoordinators
    LayoutView change(@PathVariable long id, @Valid @RequestBody LayoutChange change, Principal who) {
        return view(layouts.change(id, change.version(), change.layout(), List.of(), who.getName()));
    }

    @DeleteMapping("/api/v1/layouts/{id}")
    @ForCoordinators
    LayoutList remove(@PathVariable long id, Principal who) {
        layouts.remove(id, who.getName());
        return layouts();
    }

    private static LayoutView view(SavedLayouts.SavedLayout saved) {
        return new LayoutView(saved.id(), saved.version(), saved.document());
    }
}
