"""Hand-over: the page for the customer and the page for the shop's file, then the second eye."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import suppress
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtGui import QTextDocument
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QStackedWidget, QTextBrowser, QVBoxLayout, QWidget

from daruma.bench.context import Context
from daruma.core.closing import closing_steps, ticked_of
from daruma.core.job import Job, is_done
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.language import inner, tr
from daruma.core.parts import PART_LABEL
from daruma.core.settings import Settings
from daruma.ui import printing
from daruma.ui.desk import Desk
from daruma.ui.views.base import StageView, main_push_button
from daruma.ui.views.closing_sheet import ClosingSheet
from daruma.ui.widgets.faces import Face
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from daruma.core.shelf import ShelfPart
    from daruma.handover.pages import Pages


class HandOverView(StageView):
    """Show both pages, save them, close the job."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "hand_over")
        self._job: Job | None = None
        self._pages: Pages | None = None
        self._taken: tuple[ShelfPart, ...] = ()
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(14)
        row.addWidget(self._side())
        self.preview = QTextBrowser()
        self.preview.setObjectName("preview")
        self.preview.setOpenLinks(False)
        self.preview.setAccessibleName(tr("The page as it will be printed"))
        self.stack = QStackedWidget()
        self.stack.addWidget(self.preview)
        self.closing_up = ClosingSheet(desk)
        self.stack.addWidget(self.closing_up)
        row.addWidget(self.stack, 1)

    def _side(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        sheet.setFixedWidth(330)
        column = QVBoxLayout(sheet)
        column.setContentsMargins(16, 14, 16, 14)
        column.setSpacing(8)
        self.face = Face(120)
        self.head = label("head")
        self.said = label("")
        column.addWidget(self.face)
        column.addWidget(self.head)
        column.addWidget(self.said)
        pages = QHBoxLayout()
        self.customer, self.shop_file = QPushButton(tr("For the customer")), QPushButton(tr("For the file"))
        for button, name in ((self.customer, "page_customer"), (self.shop_file, "page_shop")):
            button.setObjectName(name)
            button.setProperty("role", "choice")
            button.setCheckable(True)
            button.setAutoExclusive(True)
            button.clicked.connect(self._show_page)
            pages.addWidget(button)
        self.closing = QPushButton(tr("Closing up"))
        self.closing.setObjectName("page_closing")
        self.closing.setProperty("role", "choice")
        self.closing.setCheckable(True)
        self.closing.setAutoExclusive(True)
        self.closing.clicked.connect(self._show_page)
        self.customer.setChecked(True)
        column.addSpacing(8)
        column.addWidget(label("quiet", tr("Page on view")))
        column.addLayout(pages)
        column.addWidget(self.closing)
        column.addStretch(1)
        self.where = label("hint")
        column.addWidget(self.where)
        self.removed = QPushButton()
        self.removed.setObjectName("shelve_removed")
        self.removed.setToolTip(tr("What was taken out comes onto the shelf, with what is known of it"))
        self.removed.clicked.connect(self._shelve)
        self.removed.hide()
        column.addWidget(self.removed)
        papers = QHBoxLayout()
        for text, name, handler in ((tr("Print"), "print_page", self._print), (tr("E-mail"), "mail_page", self._mail)):
            button = QPushButton(text)
            button.setObjectName(name)
            button.setAccessibleName(tr("{act} the page on view", act=text))
            button.clicked.connect(handler)
            papers.addWidget(button)
        column.addLayout(papers)
        self.save_button = QPushButton(tr("Save both pages"))
        self.save_button.setObjectName("save_pages")
        self.save_button.clicked.connect(self._save)
        self.main = main_push_button("handover_main")
        self.main.clicked.connect(self._hand_over)
        column.addWidget(self.save_button)
        column.addWidget(self.main)
        return sheet

    def fill(self, job: Job) -> None:
        if self._job is not None and job.number != self._job.number:
            self.where.setText("")
            self.preview.clear()
        self._job = job
        proven = sum(job.is_proven(f) for f in job.ticket.promised)
        self.face.show_state(bool(job.ticket.promised), job.all_proven, job.name)
        if job.closed:
            self.head.setText(tr("Handed over"))
        else:
            self.head.setText(tr("The second eye is painted") if job.all_proven else tr("The second eye waits"))
        self.said.setText(
            tr("{proven} of {count_promised} promises carry their proof.", proven=proven, count_promised=len(job.ticket.promised))
        )
        self.main.setText(tr("Save pages and hand over") if job.all_proven else tr("Hand over without every proof"))
        self.allow(self.main, not job.closed)
        opened = is_done(job, "open_phone")
        self.closing.setVisible(opened)
        if opened:
            steps = closing_steps(self.desk.ready.model(job).closing)
            self.closing.setText(tr("Closing up: {} of {}").format(*ticked_of(job.closing, steps)))
            self.closing_up.show_job(job)
        elif self.closing.isChecked():
            self.customer.setChecked(True)
        if job.ticket.model and job.steps:
            shop = self.desk.settings
            self.desk.run(
                self.desk.store, "making the pages", lambda context: _make_pages(self.desk, job, shop, context), self._made
            )

            self.desk.run(self.desk.store, "making the pages", lambda _: (job.uid, _removed(self.desk, job)), self._found_removed)

    def main_button(self) -> QWidget:
        return self.main

    def _found_removed(self, found: tuple[str, tuple[ShelfPart, ...]]) -> None:
        uid, self._taken = found
        mine = self._job is not None and uid == self._job.uid
        names = tr(" and ").join(inner(PART_LABEL[part.part]) for part in self._taken)
        self.removed.setText(tr("Old {names} onto the shelf", names=names))
        self.removed.setVisible(mine and bool(self._taken))

    def _shelve(self) -> None:
        self.removed.hide()
        self.desk.shelving.keep(*self._taken)

    def _print(self) -> None:
        if self._pages is not None:
            made = _document(self._pages, self.shop_file.isChecked(), self.desk.settings["shop.paper"])
            self.desk.papers.print_document(made, self)

    def _mail(self) -> None:
        self._save_then(self._saved_for_mail)

    def _saved_for_mail(self, folder: Path) -> None:
        self._saved(folder)
        if self._pages is not None:
            stem = "shop" if self.shop_file.isChecked() else "customer"
            self.desk.papers.mail(folder / f"{self._pages.job}-{stem}.pdf", f"{self._pages.sheet.phone}, {self._pages.job}")

    def _made(self, pages: Pages) -> None:
        if self._job is not None and pages.job == self._job.name:
            self._pages = pages
            self._show_page()

    def _show_page(self) -> None:
        self.stack.setCurrentIndex(1 if self.closing.isChecked() else 0)
        if self._pages is None or self.closing.isChecked():
            return
        made = _document(self._pages, self.shop_file.isChecked(), self.desk.settings["shop.paper"])
        made.setParent(self.preview)
        made.setDocumentMargin(22)
        self.preview.setDocument(made)

    def folder(self) -> Path | None:
        """Return the folder of the job's pages, None without a job."""
        return self.desk.papers.folder(self._job) if self._job else None

    def _save(self) -> None:
        self._save_then(self._saved)

    def _hand_over(self) -> None:
        self._save_then(self._saved_for_good)

    def _save_then(self, done: Callable[[Path], None]) -> None:
        pages, folder = self._pages, self.folder()
        if pages is not None and folder is not None:
            self.desk.run(self.desk.store, tr("saving the pages"), lambda _: _save_pages(pages, folder), done)

    def _saved(self, folder: Path) -> None:
        self.where.setText(tr("Saved in {folder}", folder=folder))

    def _saved_for_good(self, folder: Path) -> None:
        self._saved(folder)
        self.desk.close_job()


def _removed(desk: Desk, job: Job) -> tuple[ShelfPart, ...]:
    from daruma.bench.shelving import taken_out

    return taken_out(desk.ready.shop, job)


def _save_pages(pages: Pages, folder: Path) -> Path:
    pages.save_html(folder)
    paper = pages.sheet.shop.paper
    for shop_file, stem in ((False, "customer"), (True, "shop")):
        printing.write_pdf(_document(pages, shop_file, paper), paper, folder / f"{pages.job}-{stem}.pdf")
    return folder


def _document(pages: Pages, shop_file: bool, paper: str) -> QTextDocument:
    """Return a page as a document; the customer's is made to fit one sheet of paper."""
    plots = [plot for _, plot in pages.plots]
    if shop_file:
        return printing.document(pages.html(True, printing.tags_of(plots)), plots)
    small = printing.tags_of(plots, printing.SMALL)
    return printing.fitted(lambda fit: pages.html(False, small, fit), plots, paper)


def _make_pages(desk: Desk, job: Job, settings: Settings, _: Context) -> Pages:
    from daruma.handover.letterhead import Letterhead
    from daruma.handover.pages import make_pages
    from daruma.store.trouble import StoreTrouble

    workshop = desk.ready
    backups = tuple(map(workshop.shop.vault.get, job.sources))
    acts = workshop.shop.journal.acts_of(job.uid)
    panel = workshop.sheets(job).panel if job.of(DisplayWork).measured.fields else None
    model = workshop.model(job)
    # the first and the latest: before and after
    drawn = job.recordings[:1] + job.recordings[1:][-1:]
    cable = []
    for recording in drawn:
        # the table of recordings stays, whatever became of their samples
        with suppress(StoreTrouble):
            cable.append(workshop.metering.played(recording, model))
    shop, shelf = Letterhead.of(settings), workshop.shop.shelf.all()
    return make_pages(shop, job, model, workshop.catalogue, workshop.actions(job), backups, acts, panel, cable, shelf)
