"""Actions as data: menus, keys and the list of keys read this one table."""

from collections.abc import Callable, Mapping

from msgspec import Struct
from PySide6.QtGui import QAction, QKeySequence
from PySide6.QtWidgets import QMainWindow

from daruma.core.language import tr


class ActionSpec(Struct, frozen=True):
    """Declare one action: its id, words, menu and key."""

    ident: str
    text: str
    menu: str
    key: str


SPECS = (
    ActionSpec("job.new", tr("New ticket"), tr("Job"), "Ctrl+N"),
    ActionSpec("job.main", tr("Do the main action"), tr("Job"), "Ctrl+Return"),
    ActionSpec("job.find", tr("Go to a job, part, backup or page"), tr("Job"), "Ctrl+G"),
    ActionSpec("job.next", tr("Next job on the rail"), tr("Job"), "Ctrl+Down"),
    ActionSpec("job.previous", tr("Previous job on the rail"), tr("Job"), "Ctrl+Up"),
    ActionSpec("job.meter", tr("Meter in the charging cable"), tr("Job"), "Ctrl+M"),
    ActionSpec("job.order", tr("Owner's order on paper"), tr("Job"), "Ctrl+Shift+O"),
    ActionSpec("job.label", tr("Label for the phone"), tr("Job"), "Ctrl+Shift+L"),
    ActionSpec("job.stop", tr("Stop what is going on"), tr("Job"), tr("Esc")),
    ActionSpec("app.quit", tr("Quit"), tr("Job"), "Ctrl+Q"),
    ActionSpec("stage.intake", tr("Intake"), tr("Stage"), "Ctrl+1"),
    ActionSpec("stage.plan", tr("Plan"), tr("Stage"), "Ctrl+2"),
    ActionSpec("stage.bench", tr("Bench"), tr("Stage"), "Ctrl+3"),
    ActionSpec("stage.proof", tr("Proof"), tr("Stage"), "Ctrl+4"),
    ActionSpec("stage.hand_over", tr("Hand-over"), tr("Stage"), "Ctrl+5"),
    ActionSpec("shop.vault", tr("Vault"), tr("Shop"), "Ctrl+Shift+V"),
    ActionSpec("shop.jobs", tr("Find a job"), tr("Shop"), "Ctrl+F"),
    ActionSpec("shop.shelf", tr("Parts shelf"), tr("Shop"), "Ctrl+Shift+P"),
    ActionSpec("shop.copies", tr("Copies: make, restore, purge"), tr("Shop"), "Ctrl+Shift+R"),
    ActionSpec("shop.catalogue", tr("Catalogue"), tr("Shop"), "Ctrl+Shift+C"),
    ActionSpec("shop.set_up", tr("Set the shop up"), tr("Shop"), "Ctrl+Shift+U"),
    ActionSpec("shop.devices", tr("Devices"), tr("Shop"), "Ctrl+Shift+D"),
    ActionSpec("bench.connect", tr("Look for the devices again"), tr("Shop"), "Ctrl+R"),
    ActionSpec("view.theme", tr("Paper or ink"), tr("Help"), "Ctrl+T"),
    ActionSpec("help.words", tr("Words"), tr("Help"), "Shift+F1"),
    ActionSpec("help.keys", tr("List of keys"), tr("Help"), "F1"),
)


def duplicate_keys(specs: tuple[ActionSpec, ...]) -> tuple[str, ...]:
    """Return the keys that two actions claim."""
    keys = [spec.key for spec in specs]
    return tuple(sorted({key for key in keys if keys.count(key) > 1}))


def build_actions(window: QMainWindow, handlers: Mapping[str, Callable[[], object]]) -> dict[str, QAction]:
    """Build every action into the window's menus; raise ValueError for a double key or a missing handler."""
    if doubled := duplicate_keys(SPECS):
        raise ValueError(f"two actions claim {', '.join(doubled)}")
    made: dict[str, QAction] = {}
    window.menuBar().clear()
    menus = {name: window.menuBar().addMenu(name) for name in dict.fromkeys(spec.menu for spec in SPECS)}
    for spec in SPECS:
        action = QAction(spec.text, window)
        action.setObjectName(spec.ident)
        action.setShortcut(QKeySequence(spec.key))
        action.triggered.connect(_Caller(handlers[spec.ident], action))
        menus[spec.menu].addAction(action)
        made[spec.ident] = action
    return made


class _Caller:
    """Call a handler without the checked state that the signal carries."""

    def __init__(self, handler: Callable[[], object], owner: QAction) -> None:
        self._handler = handler
        self._owner = owner

    def __call__(self, _: bool = False) -> None:
        self._handler()
