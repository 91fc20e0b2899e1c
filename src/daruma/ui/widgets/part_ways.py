"""Ways chosen part by part: for each part on the table how it is gone about; the rest of the way stays as far as it can."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QGridLayout, QLabel, QWidget

from daruma.core.kinds import KINDS
from daruma.core.language import inner, tr
from daruma.core.parts import PART_LABEL, PartKind
from daruma.ui.widgets.boxes import ChoiceBox
from daruma.ui.widgets.fields import show_choices
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from collections.abc import Sequence

    from daruma.core.plan.routes import Route

PARTS = (*KINDS, PartKind.BOARD)
LEFT = tr("left as it is")


class PartWays(QWidget):
    """Offer the ways of each part; say what was chosen for each, and which route of the list comes nearest to it."""

    chosen = Signal(object, int)

    def __init__(self) -> None:
        super().__init__()
        self._routes: Sequence[Route] = ()
        self._now = 0
        self._row = QGridLayout(self)
        self._row.setContentsMargins(0, 0, 0, 2)
        self._row.setHorizontalSpacing(12)
        self._row.setVerticalSpacing(0)
        self._choices: dict[PartKind, tuple[QLabel, ChoiceBox]] = {}

    def show_routes(self, routes: Sequence[Route], chosen: int) -> None:
        """Show the ways of the parts that the routes differ in, those of the chosen route as chosen."""
        self._routes, self._now = routes, chosen
        ways = {part: list(dict.fromkeys(route.way_on(part) for route in routes)) for part in PARTS}
        if not routes:
            self.hide()
            return
        several = [part for part in PARTS if ways[part] != [""] and ways[part]]
        for part, (name, box) in self._choices.items():
            name.setVisible(part in several)
            box.setVisible(part in several)
        for column, part in enumerate(several):
            name, box = self._choices.get(part) or self._make(part)
            self._row.addWidget(name, 0, column)
            self._row.addWidget(box, 1, column)
            self._row.setColumnStretch(column, 1)
            show_choices(box, {way: way or LEFT for way in ways[part]}, routes[chosen].way_on(part))
        self.setVisible(sum(part is not PartKind.BOARD for part in several) > 1)

    def _make(self, part: PartKind) -> tuple[QLabel, ChoiceBox]:
        name, box = label("hint", PART_LABEL[part], wrap=False), ChoiceBox()
        box.setObjectName(f"way_{part.value}")
        box.setAccessibleName(tr("Way of the {part}", part=inner(PART_LABEL[part])))
        box.activated.connect(lambda _: self._choose(part, box.currentData()))
        self._choices[part] = name, box
        return name, box

    def _choose(self, part: PartKind, way: str) -> None:
        """Say how each part is to be gone about now, and the route of the list that comes nearest to that."""
        before = self._routes[self._now]
        ways = {**{kind: before.way_on(kind) for kind in KINDS}, part: way}

        def agrees(route: Route) -> int:
            return sum(route.way_on(other) == before.way_on(other) for other in PARTS)

        fitting = [index for index, route in enumerate(self._routes) if route.way_on(part) == way]
        nearest = max(fitting, key=lambda index: (agrees(self._routes[index]), -index))
        self.chosen.emit({} if part is PartKind.BOARD else ways, nearest)
