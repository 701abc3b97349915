package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.desktop.look.Strings;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;

/**
 * Says what is delivered against, and lists the library once it is opened: the first window need not wait for a list that
 * is not seen.
 */
final class SpecificationMenu extends MenuButton {
    private final DeliverModel model;

    SpecificationMenu(DeliverModel model, Strings strings) {
        this.model = model;
        setId("specification");
        setAccessibleText(strings.say("docket.specification"));
        textProperty()
                .bind(Bindings.createStringBinding(
                        () -> model.specification().get().name(), model.specification()));
        // A menu without an item does not open.
        getItems().add(new MenuItem());
        addEventHandler(ON_SHOWING, e -> offer());
        addEventHandler(ON_SHOWN, e -> focusHeld());
    }

    private void offer() {
        getItems().setAll(model.specifications().stream().map(this::item).toList());
    }

    private RadioMenuItem item(Specification specification) {
        RadioMenuItem item = new RadioMenuItem(specification.name());
        // A name is no mnemonic: an underscore in it is an underscore.
        item.setMnemonicParsing(false);
        item.setSelected(held(specification));
        item.setOnAction(e -> model.choose(specification));
        return item;
    }

    private boolean held(Specification specification) {
        return specification.id().equals(model.specification().get().id());
    }

    /** The arrows begin at what is held. */
    private void focusHeld() {
        getItems().stream()
                .filter(item -> item instanceof RadioMenuItem radio && radio.isSelected())
                .map(MenuItem::getStyleableNode)
                .findFirst()
                .ifPresent(Node::requestFocus);
    }
}
