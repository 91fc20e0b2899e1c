"""The shop's page of jobs: find any of them, however long ago it was handed over."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QModelIndex
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLineEdit, QPushButton, QVBoxLayout

from daruma.core.language import moment, tr
from daruma.ui.desk import Desk
from daruma.ui.tables import Rows, table
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from daruma.core.job import Job


class JobsPage(QFrame):
    """Search the jobs and open one."""

    def __init__(self, desk: Desk, leave: Callable[[], None]) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self._desk, self._leave = desk, leave
        self._jobs: tuple[Job, ...] = ()
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 12, 16, 12)
        top = QHBoxLayout()
        self.search = QLineEdit()
        self.search.setObjectName("jobs_search")
        self.search.setPlaceholderText(tr("number, part of an IMEI, model"))
        self.search.setAccessibleName(tr("Search the jobs"))
        self.search.textEdited.connect(self.refresh)
        top.addWidget(self.search, 1)
        button = QPushButton(tr("Open this job"))
        button.setObjectName("jobs_open")
        button.clicked.connect(self._open)
        top.addWidget(button)
        column.addLayout(top)
        self.note = label("quiet")
        column.addWidget(self.note)
        self.rows = Rows(
            (tr("Job"), tr("Opened"), tr("Handed over"), tr("Model"), "IMEI", tr("Promised"), tr("Proven")), mono=frozenset({4})
        )
        self.view = table("jobs_table", tr("Table of jobs"), self.rows, (80, 150, 150, 100, 170, 90, 90))
        self.view.activated.connect(self._activated)
        column.addWidget(self.view, 1)

    def refresh(self) -> None:
        """Search again."""
        words = self.search.text()
        find = lambda _: (words, self._desk.ready.shop.jobs.find(words))  # noqa: E731
        self._desk.run(self._desk.store, tr("searching the jobs"), find, self._found)

    def _found(self, found: tuple[str, tuple[Job, ...]]) -> None:
        words, jobs = found
        if words != self.search.text():
            return  # typed on since: the half-typed number may be another job's
        self._jobs = jobs
        names = self._desk.ready.catalogue.names
        self.rows.show_rows([_row(job, names.get(job.ticket.model, job.ticket.model)) for job in jobs])
        self.note.setText(
            tr(
                "{count_jobs} jobs shown, newest first. The rail keeps the open ones and those handed over last.",
                count_jobs=len(jobs),
            )
        )
        if jobs:
            self.view.selectRow(0)

    def _activated(self, _: QModelIndex) -> None:
        self._open()

    def _open(self) -> None:
        row = self.view.currentIndex().row()
        if 0 <= row < len(self._jobs):
            self._desk.bring(self._jobs[row])
            self._leave()


def _row(job: Job, model: str) -> tuple[str, ...]:
    proven = sum(job.is_proven(function) for function in job.ticket.promised)
    return (
        job.name,
        moment(job.opened),
        moment(job.closed),
        model,
        job.ticket.imei,
        str(len(job.ticket.promised)),
        str(proven),
    )
