"""Measuring, importing, tuning and proving for the window: each as work on the job on view."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QObject

from daruma.bench.context import Context
from daruma.catalogue.reading import read_bounded
from daruma.core.colour.shots import REPEATS, WHITE_REPEATS
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.ui.jobs_desk import JobsDesk


class Proving(QObject):
    """Start what proofs rest on."""

    def __init__(self, desk: JobsDesk) -> None:
        super().__init__(desk)
        self._desk = desk

    def measure(self, lights: tuple[str, ...], *, judge: bool, repeats: int = WHITE_REPEATS) -> None:
        """Measure the white under lights, so many readings each; with `judge`, make the proof as well."""

        def work(job: Job, context: Context) -> Job:
            for light in lights:
                job = self._desk.ready.measure(job, light, context, repeats)
            return self._desk.ready.prove_step(job, Function.AMBIENT_WHITE, context) if judge else job

        self._desk.job_work(self._desk.bench, tr("measuring"), work, cancellable=True)

    def import_readings(self, path: Path) -> None:
        """Take measurements from a CSV or CGATS file, and judge what they are for."""
        from daruma.handover.measurements import LARGEST, read_measurements

        def work(job: Job, context: Context) -> Job:
            fresh = read_measurements(_bytes_of(path, LARGEST), context.now(), path.name)
            return self._desk.ready.take_in(job, fresh.readings, fresh.fields, fresh.levels, path.name, context)

        self._desk.job_work(self._desk.bench, tr("importing measurements"), work)

    def measure_panel(self) -> None:
        """Take the fields of the panel sheet."""
        self._desk.job_work(
            self._desk.bench,
            tr("measuring the panel"),
            self._desk.ready.measure_panel,
            cancellable=True,
            failed=self._panel_failed,
        )

    def _panel_failed(self, trouble: Trouble) -> None:
        self._desk.refresh_from_store()
        self._desk.trouble.emit(trouble)

    def tune(self) -> None:
        """Keep the tuned record and put the way to write it on the run sheet."""
        self._desk.job_work(self._desk.store, tr("keeping the tuned record"), self._desk.ready.tune)

    def prove(self, function: Function, repeats: int = REPEATS) -> None:
        """Prove one function; what is measured for it, so many readings each."""
        self._desk.job_work(
            self._desk.bench,
            tr("proving"),
            lambda job, context: self._desk.ready.prove_step(job, function, context, repeats),
            cancellable=function is Function.AUTO_BRIGHTNESS,
        )


def _bytes_of(path: Path, most: int) -> bytes:
    try:
        return read_bounded(path, most)
    except OSError as error:
        raise Trouble(
            tr("{path} cannot be read: {strerror}.", path=path.name, strerror=error.strerror),
            safe=tr("Nothing was changed."),
            advice=tr("Choose another file."),
        ) from error
