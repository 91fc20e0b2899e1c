"""The shop: its pages, each built when it is first shown."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING, cast

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QButtonGroup, QHBoxLayout, QPushButton, QStackedWidget, QVBoxLayout, QWidget

from daruma.core.language import tr
from daruma.ui.desk import Desk
from daruma.ui.views.pages import PAGES
from daruma.ui.widgets.help_strip import HelpStrip

if TYPE_CHECKING:
    from daruma.ui.views.set_up import SetUpPage
    from daruma.ui.views.shelf_page import ShelfPage
    from daruma.ui.views.vault_page import VaultPage


class ShopView(QWidget):
    """Show the shop's pages."""

    ticket_wanted = Signal()

    def __init__(self, desk: Desk, back: Callable[[], None]) -> None:
        super().__init__()
        self.setObjectName("shop")
        self.desk = desk
        self._back = back
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(10)
        bar = QHBoxLayout()
        self._group = QButtonGroup(self)
        self._buttons: dict[str, QPushButton] = {}
        for name, words in PAGES.items():
            button = self._buttons[name] = QPushButton(words)
            button.setObjectName(f"shop_page_{name}")
            button.setProperty("role", "choice")
            button.setCheckable(True)
            self._group.addButton(button)
            button.clicked.connect(partial(self.show_page, name))
            bar.addWidget(button)
        bar.addStretch(1)
        self.help = HelpStrip()
        bar.addWidget(self.help.button)
        self.back_button = QPushButton()
        self.back_button.setObjectName("back")
        self.back_button.clicked.connect(back)
        bar.addWidget(self.back_button)
        column.addLayout(bar)
        column.addWidget(self.help)
        self.pages = QStackedWidget()
        self._built: dict[str, QWidget] = {}
        column.addWidget(self.pages, 1)

    def page(self, name: str) -> QWidget:
        """Return a page by its name in PAGES."""
        if name not in self._built:
            self._built[name] = self._make(name)
            self.pages.addWidget(self._built[name])
        return self._built[name]

    def _make(self, name: str) -> QWidget:
        """Build a page; each module is loaded with its page, since the others may never be looked at."""
        match name:
            case "vault":
                from daruma.ui.views.vault_page import VaultPage

                return VaultPage(self.desk)
            case "jobs":
                from daruma.ui.views.jobs_page import JobsPage

                return JobsPage(self.desk, self._back)
            case "shelf":
                from daruma.ui.views.shelf_page import ShelfPage

                return ShelfPage(self.desk)
            case "copies":
                from daruma.ui.views.copies_page import CopiesPage

                return CopiesPage(self.desk)
            case "catalogue":
                from daruma.ui.views.catalogue_page import CataloguePage

                return CataloguePage(self.desk)
            case "set_up":
                return self._made_set_up()
            case "words":
                from daruma.ui.views.shop_pages import WordsPage

                return WordsPage(self.desk)
            case _:
                from daruma.ui.views.shop_pages import KeysPage

                return KeysPage(self.desk)

    def _made_set_up(self) -> QWidget:
        from daruma.ui.views.set_up import SetUpPage

        made = SetUpPage(self.desk)
        made.ticket_wanted.connect(self.ticket_wanted)
        return made

    @property
    def set_up(self) -> SetUpPage:
        """Return the page on which the shop is set up."""
        return cast("SetUpPage", self.page("set_up"))

    @property
    def shelf(self) -> ShelfPage:
        """Return the parts shelf."""
        return cast("ShelfPage", self.page("shelf"))

    @property
    def vault(self) -> VaultPage:
        """Return the backups."""
        return cast("VaultPage", self.page("vault"))

    def show_page(self, name: str, _: bool = False) -> None:
        """Show a page by its name in PAGES, as things are now."""
        page = self.page(name)
        self._buttons[name].setChecked(True)
        self._buttons[name].setFocus()
        self.help.show_for(name)
        self.back_button.setText(tr("Back to the job") if self.desk.job is not None else tr("Back"))
        self.pages.setCurrentWidget(page)
        if self.desk.workshop is not None:
            page.refresh()  # type: ignore[attr-defined]
