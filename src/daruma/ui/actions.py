"""Actions as data: menus, keys and the list of keys read this one table."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass

from PySide6.QtGui import QAction, QKeySequence
from PySide6.QtWidgets import QMainWindow


@dataclass(frozen=True, slots=True)
class ActionSpec:
    """Declare one action: its id, words, menu and key."""

    ident: str
    text: str
    menu: str
    key: str


SPECS = (
    ActionSpec("job.new", "New ticket", "Job", "Ctrl+N"),
    ActionSpec("job.main", "Do the main action", "Job", "Ctrl+Return"),
    ActionSpec("job.find", "Go to a job, part, backup or page", "Job", "Ctrl+G"),
    ActionSpec("job.next", "Next job on the rail", "Job", "Ctrl+Down"),
    ActionSpec("job.previous", "Previous job on the rail", "Job", "Ctrl+Up"),
    ActionSpec("job.meter", "Meter in the charging cable", "Job", "Ctrl+M"),
    ActionSpec("job.order", "Owner's order on paper", "Job", "Ctrl+Shift+O"),
    ActionSpec("job.label", "Label for the phone", "Job", "Ctrl+Shift+L"),
    ActionSpec("job.stop", "Stop what is going on", "Job", "Esc"),
    ActionSpec("app.quit", "Quit", "Job", "Ctrl+Q"),
    ActionSpec("stage.intake", "Intake", "Stage", "Ctrl+1"),
    ActionSpec("stage.plan", "Plan", "Stage", "Ctrl+2"),
    ActionSpec("stage.bench", "Bench", "Stage", "Ctrl+3"),
    ActionSpec("stage.proof", "Proof", "Stage", "Ctrl+4"),
    ActionSpec("stage.hand_over", "Hand-over", "Stage", "Ctrl+5"),
    ActionSpec("shop.vault", "Vault", "Shop", "Ctrl+Shift+V"),
    ActionSpec("shop.jobs", "Find a job", "Shop", "Ctrl+F"),
    ActionSpec("shop.shelf", "Parts shelf", "Shop", "Ctrl+Shift+P"),
    ActionSpec("shop.copies", "Copies: make, restore, purge", "Shop", "Ctrl+Shift+R"),
    ActionSpec("shop.catalogue", "Catalogue", "Shop", "Ctrl+Shift+C"),
    ActionSpec("shop.set_up", "Set the shop up", "Shop", "Ctrl+Shift+U"),
    ActionSpec("shop.devices", "Devices", "Shop", "Ctrl+Shift+D"),
    ActionSpec("bench.connect", "Look for the devices again", "Shop", "Ctrl+R"),
    ActionSpec("view.theme", "Paper or ink", "Help", "Ctrl+T"),
    ActionSpec("help.words", "Words", "Help", "Shift+F1"),
    ActionSpec("help.keys", "List of keys", "Help", "F1"),
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
