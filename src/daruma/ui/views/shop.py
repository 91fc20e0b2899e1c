"""The shop: vault, jobs, parts shelf, copies, catalogue and the list of keys; a page is built when it is first shown."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtWidgets import QButtonGroup, QHBoxLayout, QPushButton, QStackedWidget, QVBoxLayout, QWidget

from daruma.ui.desk import Desk
from daruma.ui.views.copies_page import CopiesPage
from daruma.ui.views.jobs_page import JobsPage
from daruma.ui.views.shop_pages import CataloguePage, KeysPage, ShelfPage
from daruma.ui.views.vault_page import VaultPage

PAGES = ("Vault", "Jobs", "Parts shelf", "Copies", "Catalogue", "Keys")


class ShopView(QWidget):
    """Show the shop's pages."""

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
        for index, name in enumerate(PAGES):
            button = QPushButton(name)
            button.setObjectName(f"shop_page_{index}")
            button.setProperty("role", "choice")
            button.setCheckable(True)
            self._group.addButton(button, index)
            bar.addWidget(button)
        self._group.idClicked.connect(self.show_page)
        bar.addStretch(1)
        back_button = QPushButton("Back to the job")
        back_button.setObjectName("back")
        back_button.clicked.connect(back)
        bar.addWidget(back_button)
        column.addLayout(bar)
        self.pages = QStackedWidget()
        self._built: dict[int, QWidget] = {}
        column.addWidget(self.pages, 1)

    def page(self, index: int) -> QWidget:
        """Return a page by its place in PAGES."""
        if index not in self._built:
            self._built[index] = self._make(PAGES[index])
            self.pages.addWidget(self._built[index])
        return self._built[index]

    def _make(self, name: str) -> QWidget:
        match name:
            case "Vault":
                return VaultPage(self.desk)
            case "Jobs":
                return JobsPage(self.desk, self._back)
            case "Parts shelf":
                return ShelfPage(self.desk)
            case "Copies":
                return CopiesPage(self.desk)
            case "Catalogue":
                return CataloguePage(self.desk)
            case _:
                return KeysPage(self.desk)

    def show_page(self, index: int) -> None:
        """Show a page by its place in PAGES, as things are now."""
        page = self.page(index)
        self._group.button(index).setChecked(True)
        self._group.button(index).setFocus()
        self.pages.setCurrentWidget(page)
        if self.desk.workshop is not None:
            page.refresh()  # type: ignore[attr-defined]
