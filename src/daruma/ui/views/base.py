"""What every stage view is: a page for the job on view, with at most one main action."""

from PySide6.QtWidgets import QAbstractButton, QPushButton, QWidget

from daruma.core.job import Job
from daruma.ui.desk import Desk
from daruma.ui.laying import laid_out_once
from daruma.ui.widgets.hold import HoldButton


class StageView(QWidget):
    """Base of the stage views."""

    def __init__(self, desk: Desk, name: str) -> None:
        super().__init__()
        self.setObjectName(name)
        self.desk = desk
        self._allowed: dict[QWidget, bool] = {}
        self._busy = desk.is_busy

    def show_job(self, job: Job) -> None:
        """Show the job as it stands."""
        with laid_out_once(self):
            self.fill(job)

    def fill(self, job: Job) -> None:
        """Fill the sheets from the job."""
        raise NotImplementedError

    def main_button(self) -> QWidget | None:
        """Return the main action's button, if there is one now."""
        raise NotImplementedError

    def allow(self, button: QWidget, allowed: bool) -> None:
        """Enable a button that starts bench work: only while it makes sense and nothing else is going on."""
        self._allowed[button] = allowed
        button.setEnabled(allowed and not self._busy)

    def set_busy(self, busy: bool) -> None:
        """Say whether bench work is going on."""
        self._busy = busy
        for button, allowed in self._allowed.items():
            button.setEnabled(allowed and not busy)

    def do_main(self) -> None:
        """Do the main action; one that is held gets the focus instead."""
        button = self.main_button()
        if isinstance(button, HoldButton):
            button.setFocus()
        elif isinstance(button, QAbstractButton) and button.isEnabled():
            button.click()


def main_push_button(name: str) -> QPushButton:
    """Return a button in the look of the main action."""
    button = QPushButton()
    button.setObjectName(name)
    button.setProperty("role", "main")
    return button
