"""Forms that single kinds of parts have at a step of the run sheet: made when their step first comes, shown at it only."""

from __future__ import annotations

from typing import TYPE_CHECKING, Any

from PySide6.QtWidgets import QVBoxLayout, QWidget

from daruma.core.job import Job
from daruma.ui.kinds import rooms

if TYPE_CHECKING:
    from daruma.ui.desk import Desk


class Forms(QWidget):
    """Hold the form of the step at hand, nothing where it has none."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self._desk = desk
        self._made: dict[str, Any] = {}
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self.setVisible(False)

    def show_step(self, job: Job | None, step: str) -> None:
        """Show the form of a step for a job."""
        made = self._form(step) if job is not None else None
        for form in self._made.values():
            form.setVisible(form is made)
        self.setVisible(made is not None)
        if made is not None:
            made.show_job(job)

    def _form(self, step: str) -> Any:
        if step not in self._made:
            form = next((form for room in rooms() for form in room.forms if form.step == step), None)
            if form is None:
                return None
            self._made[step] = form.make(self._desk)
            self._column.addWidget(self._made[step])
        return self._made[step]
