"""What the shop prefers, as plain switches, with what they cost here."""

from collections.abc import Mapping
from typing import Any

from msgspec.structs import replace
from PySide6.QtCore import QSignalBlocker, Signal
from PySide6.QtWidgets import QFrame, QGridLayout, QVBoxLayout, QWidget

from daruma.core.language import inner, tr
from daruma.core.plan.money import Aim, Preferences
from daruma.ui.widgets.boxes import TickBox
from daruma.ui.widgets.notices import label

_OUT = {"no_board_heat": tr("No board heat"), "no_soldering": tr("No soldering")}
_AIMS = {Aim.FASTEST: tr("Fastest first"), Aim.CHEAPEST: tr("Cheapest first")}


class PreferenceBox(QFrame):
    """Show and change the shop's preferences."""

    changed = Signal(object)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("role", "sheet")
        self._preferences = Preferences()
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 8, 14, 10)
        column.setSpacing(2)
        column.addWidget(label("part", tr("The shop prefers"), wrap=False))
        grid = QGridLayout()
        grid.setHorizontalSpacing(8)
        self._out: dict[str, TickBox] = {}
        self._aims: dict[Aim, TickBox] = {}
        for row, (name, text) in enumerate(_OUT.items()):
            self._out[name] = self._box(name, text)
            grid.addWidget(self._out[name], row, 0)
        for row, (aim, text) in enumerate(_AIMS.items()):
            self._aims[aim] = self._box(aim.value, text)
            grid.addWidget(self._aims[aim], row, 1)
        column.addLayout(grid)
        self.price = label("hint")
        column.addWidget(self.price)

    def _box(self, name: str, text: str) -> TickBox:
        box = TickBox(text)
        box.setObjectName(f"prefer_{name}")
        box.clicked.connect(self._clicked)
        return box

    def show_preferences(self, preferences: Preferences, prices: Mapping[str, float], money: str = "€") -> None:
        """Show what is preferred, and for what is ruled out what that costs in this case."""
        self._preferences = preferences
        for name, box in self._out.items():
            with QSignalBlocker(box):
                box.setChecked(getattr(preferences, name))
        for aim, box in self._aims.items():
            with QSignalBlocker(box):
                box.setChecked(preferences.aim is aim)
        costs = [
            tr("{what} costs {price:.0f} {money} here", what=inner(_OUT[name]), price=price, money=money)
            for name, price in prices.items()
        ]
        text = "; ".join(costs)
        self.price.setText(text[:1].upper() + text[1:] + ("." if text else ""))
        self.price.setVisible(bool(text))

    def _clicked(self) -> None:
        name = self.sender().objectName().removeprefix("prefer_")
        changes: dict[str, Any] = {key: box.isChecked() for key, box in self._out.items()}
        aim = self._preferences.aim
        for choice, box in self._aims.items():
            if choice.value == name:
                aim = choice if box.isChecked() else Aim.BALANCE
        self.changed.emit(replace(self._preferences, aim=aim, **changes))
