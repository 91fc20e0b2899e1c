"""The meter in the charging cable: live, recorded for the job at any stage, recordings laid over each other, logs taken in."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import (
    QFileDialog,
    QFrame,
    QHBoxLayout,
    QPushButton,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import figures, tr
from daruma.core.pictures.cable_trace import Drawn, cable_trace, laid_over
from daruma.core.pictures.primitives import Picture
from daruma.core.power.delivery import decode
from daruma.handover.cable import csv_of, lasts, sentence
from daruma.handover.svg import to_svg
from daruma.link.errors import LinkError
from daruma.ui.desk import Desk
from daruma.ui.printing import png_of, write_picture
from daruma.ui.views.base import main_push_button
from daruma.ui.views.log_preview import LogPreview
from daruma.ui.views.recordings_sheet import RecordingsSheet
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.picture_view import PictureView

if TYPE_CHECKING:
    from daruma.bench.metering import Live
    from daruma.core.power.played import Played, Trace
    from daruma.handover.meter_log import MeterLog

WINDOW = 60.0  # seconds of the live picture
KINDS = (tr("SVG (*.svg)"), tr("PNG (*.png)"), tr("CSV (*.csv)"))


class MeterPage(QWidget):
    """Show the meter of the job on view."""

    def __init__(self, desk: Desk, leave: Callable[[], None]) -> None:
        super().__init__()
        self.setObjectName("meter_page")
        self.desk = desk
        self._job: Job | None = None
        self._shown: tuple[Played, ...] = ()
        self._file: tuple[Path, MeterLog] | None = None
        self._focus_main = False
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(8)
        column.addWidget(self._top(leave))
        self.pages = QStackedWidget()
        self.picture = PictureView("cable_trace")
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        inside = QVBoxLayout(sheet)
        inside.setContentsMargins(14, 10, 14, 10)
        self.said = label("")
        self.said.setObjectName("meter_said")
        inside.addWidget(self.said)
        inside.addWidget(self.picture, 1)
        self.pages.addWidget(sheet)
        self.preview = LogPreview()
        self.preview.kept.connect(self._keep_log)
        self.preview.left.connect(self._leave_log)
        self.pages.addWidget(self.preview)
        column.addWidget(self.pages, 3)
        self.kept = RecordingsSheet()
        self.kept.chosen.connect(desk.metering.read)
        self.kept.live_wanted.connect(self._to_live)
        self.kept.export_wanted.connect(self._export)
        column.addWidget(self.kept, 1)
        meter = desk.metering
        meter.live_changed.connect(self.show_live)
        meter.failed.connect(self._missed)
        meter.traced.connect(self._traced)
        meter.understood.connect(self._understood)
        desk.job_changed.connect(self.show_job)

    # -- building

    def _top(self, leave: Callable[[], None]) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        row = QHBoxLayout(sheet)
        row.setContentsMargins(14, 8, 14, 8)
        row.setSpacing(10)
        texts = QVBoxLayout()
        texts.setSpacing(0)
        self.now = label("head", tr("No meter has answered yet"), wrap=False)
        self.now.setObjectName("meter_now")
        self.about = label("quiet", tr("A meter in the phone's charging cable: volts, amperes, watts."))
        texts.addWidget(self.now)
        texts.addWidget(self.about)
        row.addLayout(texts, 1)
        self.replug = _button("meter_replug", tr("Plug in again"), self.desk.metering.replug)
        self.replug.setVisible(False)
        self.take_in = _button("meter_import", tr("Take in a log"), self._ask_log)
        self.back = _button("meter_back", tr("Back to the job"), leave)
        self.main = main_push_button("meter_main")
        self.main.clicked.connect(self._record_or_end)
        for button in (self.replug, self.take_in, self.back, self.main):
            row.addWidget(button)
        return sheet

    # -- the job

    def show_job(self, job: Job) -> None:
        """Show what was recorded for a job."""
        other = self._job is None or self._job.uid != job.uid
        if not other and self._job is not None and self._job.recordings == job.recordings:
            self._job = job
            return
        self._job = job
        self.kept.show_job(job)
        self.replug.setVisible(self.desk.has_hands and bool(job.ticket.imei))
        if other:
            self._to_live()
            self._leave_log()
        self._show_main()

    def set_shown(self, shown: bool) -> None:
        """Say whether the page is on view: the meter is looked at while it is."""
        self.desk.metering.watch(shown)
        if shown:
            if self.desk.job is not None:
                self.show_job(self.desk.job)
            self._say_live()
            self._focus_main = True
            self._show_main()

    def _show_main(self) -> None:
        recording = self.desk.metering.recording
        mine = self._job is not None and recording == self._job.uid
        self.main.setText(tr("End the recording") if mine else tr("Record for {job}", job=self._job.name if self._job else ""))
        other = next((job.name for job in self.desk.jobs.values() if job.uid == recording), tr("another job"))
        self.main.setEnabled(self._job is not None and self.desk.metering.live is not None and (mine or not recording))
        self.main.setToolTip(tr("The meter records for {other}: end that first.", other=other) if recording and not mine else "")
        if self._focus_main and self.main.isEnabled():
            self._focus_main = False
            self.main.setFocus()

    def _record_or_end(self) -> None:
        meter = self.desk.metering
        if self._job is not None and meter.recording == self._job.uid:
            meter.end()
        else:
            self._to_live()
            meter.record()

    # -- live

    def show_live(self, live: Live) -> None:
        """Show what the meter measures now."""
        state, trace = live.state, live.trace
        if len(trace.t):
            # a tenth of a second: the eye cannot follow each sample
            last = slice(-max(1, round(state.rate / 10)), None)
            volts, amps = float(trace.v[last].mean()), float(trace.a[last].mean())
            self.now.setText(
                figures("{volts:.2f} V   {amps:.3f} A   {volts_2:.2f} W", volts=volts, amps=amps, volts_2=volts * amps)
            )
        if not self.isVisible():
            return
        self._say_live()
        self._show_main()
        if not self._shown and self.pages.currentIndex() == 0:
            drawn = Drawn("live", trace.t, trace.v, trace.a)
            self.picture.show_build(lambda w, h: cable_trace(w, h, (drawn,), ends=(-WINDOW, 0.0), words=self.now.text()))

    def _say_live(self) -> None:
        live = self.desk.metering.live
        if live is None:
            return
        warm = f", {live.state.celsius:.0f} °C" if live.state.celsius is not None else ""
        offers = "; ".join(decode(word).words for word in live.state.offers) or tr("nothing was said")
        self.about.setText(
            tr("{rate:g} samples a second{warm}. The charger offers: {offers}.", rate=live.state.rate, warm=warm, offers=offers)
        )
        if not self._shown:
            going = (
                tr("Recording for {name_of}: {lasts}. ", name_of=self._name_of(live.job), lasts=lasts(live.seconds))
                if live.job
                else ""
            )
            wish = "" if live.job else tr("To see a start, record from before the phone is plugged in. ")
            self.said.setText(going + (live.trouble or tr("{wish}The last minute:", wish=wish)))

    def _name_of(self, uid: str) -> str:
        return next((job.name for job in self.desk.jobs.values() if job.uid == uid), tr("another job"))

    def _missed(self, trouble: Trouble) -> None:
        self.now.setText(tr("No meter answers") if isinstance(trouble, LinkError) else tr("What is recorded waits"))
        self.about.setText(f"{trouble.what} {trouble.advice}")
        self.main.setEnabled(self._job is not None and self.desk.metering.recording == self._job.uid)

    def _to_live(self) -> None:
        self._shown = ()
        self.kept.clear()
        self.pages.setCurrentIndex(0)
        self.picture.show_build(lambda w, h: cable_trace(w, h, (), words=tr("Waiting for the meter.")))
        self._say_live()

    # -- recordings

    def _traced(self, played: tuple[Played, ...]) -> None:
        job = self._job
        if job is None or any(each.recording not in job.recordings for each in played):
            return
        self._shown = played
        self.kept.export.setEnabled(True)
        self.pages.setCurrentIndex(0)
        latest = played[-1].recording
        if len(played) == 1:
            self.said.setText(sentence(latest))
        else:
            first = played[0].recording
            self.said.setText(
                tr(
                    "Before ({first}): {boot}. After ({latest}): {boot_2}; {why}.",
                    first=first.name,
                    boot=first.boot,
                    latest=latest.name,
                    boot_2=latest.boot,
                    why=latest.why,
                )
            )
        words = self.said.text()
        self.picture.show_build(lambda w, h: laid_over(w, h, played, words))

    def _export(self) -> None:
        if self._shown and self._job is not None:
            start = str(Path.home() / f"{self._job.file_name}-cable.csv")
            name, _ = QFileDialog.getSaveFileName(self, tr("Export"), start, ";;".join(KINDS))
            if name:
                self.export_to(Path(name))

    def export_to(self, file: Path) -> None:
        """Write what is shown: the samples of the latest as CSV, or the picture as SVG or PNG, by the file's name."""
        picture, trace = self.picture.picture, self._shown[-1].trace
        if picture is not None:
            self.desk.run(self.desk.store, tr("exporting"), lambda _: _written(file, trace, picture), self._exported)

    def _exported(self, file: Path) -> None:
        self.desk.told.emit(tr("Saved {file}", file=file))

    # -- logs of other meters

    def _ask_log(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, tr("A meter's log"), "", tr("Log (*.csv *.txt *.tsv)"))
        if name:
            self.desk.metering.understand(Path(name))

    def _understood(self, found: tuple[Path, MeterLog]) -> None:
        self._file = found
        self.preview.show_log(*found, self._job.name if self._job else "")
        self.pages.setCurrentIndex(1)

    def _keep_log(self) -> None:
        if self._file is not None:
            self.desk.metering.take_in(*self._file)
        self._leave_log()

    def _leave_log(self) -> None:
        self._file = None
        self.pages.setCurrentIndex(0)


def _button(name: str, text: str, act: Callable[[], object]) -> QPushButton:
    made = QPushButton(text)
    made.setObjectName(name)
    made.clicked.connect(lambda _=False: act())
    return made


def _written(file: Path, trace: Trace, picture: Picture) -> Path:
    """Write a trace's samples or its picture, by the file's name; raise Trouble where that cannot be done."""
    match file.suffix.lower():
        case ".csv":
            write_picture(file, csv_of(trace.t, trace.v, trace.a))
        case ".svg":
            write_picture(file, to_svg(picture).encode())
        case ".png":
            write_picture(file, png_of(picture))
        case _:
            raise Trouble(
                tr("{file} has no ending that is known.", file=file.name),
                safe=tr("Nothing was written; the recording is kept."),
                advice=tr("Name the file .csv, .svg or .png."),
            )
    return file
