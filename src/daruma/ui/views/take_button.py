"""The button that takes a way: says what the way asks for, and keeps its focus while the plan is made anew."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtWidgets import QApplication, QPushButton

from daruma.core.language import tr

if TYPE_CHECKING:
    from daruma.core.plan.solution import Solution


class TakeButton(QPushButton):
    """Take the way on view."""

    def __init__(self) -> None:
        super().__init__()
        self._focus_lost = False
        self.setObjectName("plan_main")
        self.setProperty("role", "main")

    def show_way(self, solution: Solution | None, route: int) -> None:
        """Say what taking a route of a solution means; what is only asked about cannot be taken."""
        if solution is not None and solution.changes:
            self.setText(tr("Take the changed facts back first"))
        elif solution is not None and solution.plan.routes:
            way = solution.plan.routes[route]
            self.setText(
                tr("Take this way: {minutes:.0f} min, 1 write", minutes=way.minutes)
                if way.writes == 1
                else tr("Take this way: {minutes:.0f} min, {writes} writes", minutes=way.minutes, writes=way.writes)
            )
        else:
            self.setText(tr("Take this way"))

    def setEnabled(self, on: bool) -> None:
        """Switch on or off; the focus that is lost by it goes nowhere else, and comes back unless it was put elsewhere."""
        if not on and self.hasFocus():
            self._focus_lost = True
            self.clearFocus()  # or the next button would have it, and the key that was meant for this one
        super().setEnabled(on)
        if on and self._focus_lost:
            self._focus_lost = False
            if QApplication.focusWidget() is None:
                self.setFocus()
