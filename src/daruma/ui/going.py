"""Going places in the window: the shop's pages, what the search finds, what a scanner reads."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QObject
from PySide6.QtGui import QWindow
from PySide6.QtWidgets import QWidget

from daruma.core.finding import Entry, Kind
from daruma.core.labels import Scanned
from daruma.core.settings import groups
from daruma.ui.desk import Desk
from daruma.ui.finding import Finding
from daruma.ui.scanning import Scanner
from daruma.ui.views.furnish import Views
from daruma.ui.views.pages import PAGES
from daruma.ui.widgets.finder import Finder


class Going(QObject):
    """Bring what is asked for on view; `show` puts a view in the place of the job, `leave` brings that back."""

    def __init__(
        self,
        window: QWindow,
        room: QWidget,
        desk: Desk,
        views: Views,
        *,
        show: Callable[[QWidget], None],
        leave: Callable[[], None],
        open_job: Callable[[str], None],
    ) -> None:
        super().__init__(room)
        self._desk, self._views = desk, views
        self._show, self._leave, self._open_job = show, leave, open_job
        self.finding = Finding(desk, PAGES)
        self.finder = Finder(room, self.finding.search)
        self.finder.chosen.connect(self._go_to)
        self.scanner = Scanner(window, self)
        self.scanner.found.connect(self._scanned)

    def finish(self) -> None:
        """Stop what goes on in the background."""
        self.finding.finish()

    def shop(self, page: str = "vault") -> None:
        """Put a page of the shop on view, the vault without one."""
        self._show(self._views.shop)
        self._views.shop.show_page(page)

    def devices(self) -> None:
        """Put the devices on view: a step of setting the shop up."""
        self.shop("set_up")
        self._views.shop.set_up.open_step("devices")

    def first(self) -> bool:
        """Put the first step of setting the shop up on view, where one is neither done nor skipped."""
        if not any(self._desk.settings.is_open(group.table) for group in groups()):
            return False
        self.shop("set_up")
        self._views.shop.set_up.open_first()
        return True

    def search(self) -> None:
        """Ask for anything that the shop keeps."""
        self.finding.renew()
        self.finder.open()

    def _go_to(self, found: Entry) -> None:
        match found.kind:
            case Kind.JOB:
                self._open_job(found.key)
                self._leave()
            case Kind.PART:
                self._part(found.key)
            case Kind.BACKUP:
                self.shop("vault")
                self._views.shop.vault.seek(found.name)
            case Kind.PAGE:
                self.shop(found.key)

    def _part(self, die: str) -> None:
        self.shop("shelf")
        self._views.shop.shelf.bring(die)

    def _scanned(self, code: Scanned) -> None:
        """Open what a label names, wherever the focus is."""
        if self._desk.workshop is None:
            return
        if code.job:
            self._open_job(code.job)
            self._leave()
        else:
            self._part(code.die)
