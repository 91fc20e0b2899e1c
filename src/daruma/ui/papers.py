"""Papers for the window: the owner's order, printing by the desktop, handing a page to the desktop's mail program."""

from __future__ import annotations

import shutil
import subprocess
from pathlib import Path

from PySide6.QtCore import QObject, QUrl, Signal
from PySide6.QtGui import QDesktopServices, QTextDocument
from PySide6.QtWidgets import QWidget

from daruma.core.errors import Trouble
from daruma.core.job import KEPT_DAYS, Job
from daruma.core.labels import label_of_job
from daruma.core.language import tr
from daruma.ui.jobs_desk import JobsDesk
from daruma.ui.shelving import Shelving

MAILER = "xdg-email"  # hands a draft to the desktop's mail program, through its portal where there is one


class Papers(QObject):
    """Make papers and hand them to the desktop."""

    made = Signal(object)

    def __init__(self, desk: JobsDesk, shelving: Shelving) -> None:
        super().__init__(desk)
        self._desk, self._shelving = desk, shelving
        shelving.told.connect(desk.told)

    def folder(self, job: Job) -> Path:
        """Return the folder of a job's papers."""
        return self._desk.ready.shop.folder / "handover" / job.name

    def order(self) -> None:
        """Make the owner's order of the job on view and open it where the desktop shows papers."""
        job, settings = self._desk.job, self._desk.settings
        if job is None:
            return
        catalogue, folder = self._desk.ready.catalogue, self.folder(job)

        def work() -> Path:
            from daruma.handover.letterhead import Letterhead
            from daruma.handover.order import make_order, render_order
            from daruma.handover.sheet import FITS
            from daruma.store.engine import explained
            from daruma.store.files import private_folder, write_whole
            from daruma.ui import printing

            phone = catalogue.names.get(job.ticket.model, "")
            shop = Letterhead.of(settings)
            order = make_order(shop, job, phone, catalogue.function_labels, catalogue.function_meaning, KEPT_DAYS)
            path = folder / f"{job.name}-order.pdf"
            with explained():
                private_folder(folder)
                write_whole(path.with_suffix(".html"), render_order(order, FITS[0]).encode())
            printing.write_pdf(printing.fitted(lambda fit: render_order(order, fit), (), shop.paper), shop.paper, path)
            return path

        self._desk.start(self._desk.store, tr("making the order"), lambda _: work(), self._order_made)

    def _order_made(self, path: Path) -> None:
        self.made.emit(path)
        self._desk.told.emit(tr("The order is in {path}", path=path))
        self.show(path)

    def label(self) -> None:
        """Print the label that goes with the phone of the job on view."""
        job = self._desk.job
        if job is not None:
            path = self.folder(job) / f"{job.name}-label.pdf"
            path.parent.mkdir(parents=True, exist_ok=True)
            self._shelving.print_made([label_of_job(job, self._desk.ready.catalogue.names)], path)

    def show(self, path: Path) -> None:
        """Open a paper in the desktop's own viewer, from which it is printed as well."""
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(path)))

    def print_document(self, made: QTextDocument, over: QWidget) -> None:
        """Ask by the desktop's dialog for a printer, and print."""
        from PySide6.QtPrintSupport import QPrintDialog, QPrinter

        printer = QPrinter(QPrinter.PrinterMode.HighResolution)
        dialog = QPrintDialog(printer, over)
        dialog.accepted.connect(lambda: made.print_(printer))
        dialog.setModal(False)
        dialog.show()

    def mail(self, path: Path, subject: str) -> None:
        """Hand a paper to the desktop's mail program as a draft; nothing is sent from here."""
        if shutil.which(MAILER) is None:
            self._desk.trouble.emit(
                Trouble(
                    tr("This desktop has no way to begin a mail."),
                    safe=tr("The page is saved: {path}", path=path),
                    advice=tr("Install xdg-utils ({mailer}), or attach the file by hand.", mailer=MAILER),
                )
            )
            return
        subprocess.Popen([MAILER, "--utf8", "--subject", subject, "--attach", str(path)], start_new_session=True)
        self._desk.told.emit(tr("A mail is begun in the desktop's own program."))
