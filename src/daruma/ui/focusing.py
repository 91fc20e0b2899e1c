"""The focus on the main action of what is on view, where the keyboard goes on."""

from collections.abc import Callable

from PySide6.QtWidgets import QApplication, QComboBox, QLineEdit, QPlainTextEdit, QStackedWidget

from daruma.ui.views.base import StageView

TYPED_INTO = QLineEdit | QPlainTextEdit | QComboBox


class MainFocus:
    """Put the focus on the main action, and bring it back there when work is over that it was lost to."""

    def __init__(self, stack: QStackedWidget, view: Callable[[], StageView]) -> None:
        self._stack, self._view = stack, view
        self._back = False

    def put(self) -> None:
        """Put the focus on the main action where it is on view."""
        button = self._view().main_button()
        if button is None or self._stack.currentWidget() is not self._view():
            return
        if button.isEnabled():
            button.setFocus()
        else:
            # the interlocks may light only with the next look at the bench
            self._back = True

    def leave(self) -> None:
        """Remember that the main action loses the focus to work that begins; meanwhile nothing has it."""
        focused = QApplication.focusWidget()
        if focused in (self._view().main_button(), None):
            self._back = True
            if focused is not None:
                focused.clearFocus()  # or the next button would have it, and the key that was meant for this one

    def come_back(self) -> None:
        """Put the focus back where it was lost to work; whoever types keeps it."""
        if self._back:
            self._back = False
            if not isinstance(QApplication.focusWidget(), TYPED_INTO):
                self.put()
