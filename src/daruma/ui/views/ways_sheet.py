"""The sheet of the ways: part by part, as strips to one scale, and what the parts share."""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFrame, QHBoxLayout, QVBoxLayout

from daruma.core.language import tr
from daruma.ui.widgets.boxes import scrolled
from daruma.ui.widgets.notices import ElidedLabel, label
from daruma.ui.widgets.part_ways import PartWays
from daruma.ui.widgets.picture_view import PictureView

if TYPE_CHECKING:
    from collections.abc import Sequence

    from daruma.core.plan.routes import Route

LEGEND = tr("solid: there   hatched: waiting   knot: final   wave: heat   (in brackets: with ways back)")


class Listing(Struct, frozen=True):
    """Hold how routes are listed: those that keep all that is promised, with `fewer` the others, too."""

    routes: Sequence[Route]
    fewer: bool

    @property
    def full(self) -> int:
        """Return up to which route of the list all is kept that is promised; 0 where none keeps it."""
        return max((number for number, route in enumerate(self.routes, start=1) if not route.left_out), default=0)

    @property
    def shown(self) -> int:
        """Return how many routes are listed."""
        return len(self.routes) if self.fewer or not self.full else self.full

    @property
    def heading(self) -> str:
        """Return what the list is called."""
        if self.routes and not self.full:
            return tr("No way keeps all that is promised; these keep some of it")
        if any(route.left_out for route in self.routes[: self.full]):
            return tr("Ways, the one worth most first")
        return tr("Ways to all that is promised")


class WaysSheet(QFrame):
    """Show the ways."""

    def __init__(self) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self.head = label("part", tr("Ways to all that is promised"), wrap=False)
        self.parts = PartWays()
        self.strips = PictureView("strips", grows=False)
        self.shares = label("quiet")
        self.shares.setObjectName("shares")
        self.none = label("caution")
        self.none.hide()
        head = QHBoxLayout()
        head.addWidget(self.head)
        legend = ElidedLabel("hint")
        legend.setText(LEGEND)
        legend.setAlignment(Qt.AlignmentFlag.AlignRight)
        head.addWidget(legend, 1)
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 8, 16, 8)
        column.addLayout(head)
        column.addWidget(self.parts)
        column.addWidget(scrolled(self.strips), 1)
        column.addWidget(self.shares)
        column.addWidget(self.none)
