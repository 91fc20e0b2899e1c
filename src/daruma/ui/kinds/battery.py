"""The battery in the window: its cell's test as it runs, the figures that may be written, its log at Proof."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from msgspec.structs import replace
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QSpinBox, QWidget

from daruma.core.job import Job
from daruma.core.kinds.battery.work import BatteryWork, measured
from daruma.core.language import continued, figures, tr, word
from daruma.core.model import Model
from daruma.core.parts import Function
from daruma.core.pictures.fold_guide import fold_guide
from daruma.core.pictures.primitives import Picture, Text, Tone
from daruma.handover.tables import numbers_csv
from daruma.ui.kinds.room import Form, Panel, UiRoom
from daruma.ui.printing import write_picture
from daruma.ui.views.evidence import Evidence, Page
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from daruma.bench.kinds.battery.looking import CellSheet
    from daruma.bench.workshop import Workshop
    from daruma.ui.desk import Desk

KEY = "cell"
HEIGHT = 230.0
MOST_CYCLES = 5000


def _cell(width: float, job: Job, model: Model, live: Sequence[object]) -> Picture:
    from daruma.bench.kinds.battery.looking import curve_of, grown_live, with_live
    from daruma.bench.kinds.battery.measuring import CellLive, samples_of, test_of
    from daruma.core.pictures.cell_trace import cell_trace

    work = job.of(BatteryWork)
    test = test_of(job, model)
    curve = curve_of(samples_of(replace(work, log=with_live(work, live))))
    newest = next((each for each in reversed(live) if isinstance(each, CellLive)), None)
    said = (
        tr("The station's clock runs {speed:.0f} times faster than life.", speed=newest.speed)
        if newest and newest.speed > 1
        else ""
    )
    picture = cell_trace(width, HEIGHT, curve, (test.cell.empty, test.cell.full), grown_live(live), test.rated, test.claim, said)
    if not said:
        return picture
    note = Text(0, picture.height + 14, tr("Demo: {said}", said=continued(said)), Tone.QUIET, 12)
    return replace(picture, height=picture.height + 20, items=(*picture.items, note))


def sheet_of(ready: Workshop, job: Job) -> CellSheet | None:
    """Return what a job's cell log says; None where there is none."""
    from daruma.bench.kinds.battery.looking import cell_sheet

    return cell_sheet(job, ready.model(job)) if measured(job).log else None


class CellPage(Page):
    """What the new cell holds."""

    key, title, sheet = KEY, tr("Cell"), None

    @classmethod
    def save(cls, job: Job, file: Path, _: str) -> None:
        from daruma.bench.kinds.battery.measuring import samples_of

        log = samples_of(measured(job))
        table = zip(log.t.tolist(), log.v.tolist(), log.a.tolist(), log.celsius.tolist(), strict=True)
        rows = [(f"{t:.3f}", f"{v:.6f}", f"{a:.6f}", f"{warm:.2f}") for t, v, a, warm in table]
        write_picture(file, numbers_csv(("t (s)", tr("voltage (V)"), tr("current (A)"), tr("temperature (degC)")), rows))

    def sentence(self, evidence: Evidence) -> str:
        proof = evidence.job.proof(Function.BATTERY_RUNS)
        sheet: CellSheet | None = evidence.of_kinds.get(KEY)
        if proof is not None:
            return proof.summary
        return sheet.standing.order.why if sheet is not None else tr("The new cell was not measured.")

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        sheet: CellSheet | None = evidence.of_kinds.get(KEY)
        work = measured(evidence.job)
        numbers = []
        if sheet is not None:
            capacity = sheet.standing.belief.capacity
            numbers += [
                (tr("capacity"), tr("{mah:.0f} ± {spread:.0f} mAh", mah=capacity.mah, spread=1.96 * capacity.u)),
                (
                    tr("of its rated"),
                    figures(
                        "{mah:.1f} ± {spread:.1f} %",
                        mah=100 * capacity.mah / sheet.test.rated,
                        spread=196 * capacity.u / sheet.test.rated,
                    ),
                ),
                (tr("found by"), word(capacity.method)),
                (tr("resting on"), tr("{swing:.0f} % of the charge", swing=100 * capacity.swing)),
                *_also(sheet),
            ]
        for name, said in ((tr("original gauge"), work.original), (tr("written"), work.written)):
            if said is not None:
                numbers.append((name, tr("{percent} %, {cycles} cycles", percent=said.percent, cycles=said.cycles)))
        return [*numbers, *((boot.partition(": ")[0], boot.partition(": ")[2]) for boot in work.boots)]

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.cell_trace import CellCurve, cell_trace

        sheet: CellSheet | None = evidence.of_kinds.get(KEY)
        if sheet is None:
            return cell_trace(width, height, CellCurve((), (), (), ()), (3.0, 4.2), (), 1.0, 80.0)
        ends = sheet.test.cell.empty, sheet.test.cell.full
        return cell_trace(width, height, sheet.curve, ends, sheet.grown, sheet.test.rated, sheet.test.claim)


def _also(sheet: CellSheet) -> list[tuple[str, str]]:
    """Return what a log says besides: the measurement alone, resistance, self-discharge, temperature."""
    measured, found = sheet.standing.measured, []
    if measured is not None:
        found.append((tr("measured alone"), tr("{mah:.0f} ± {spread:.0f} mAh", mah=measured.mah, spread=1.96 * measured.u)))
    if sheet.ohm is not None:
        found.append((tr("resistance, 10 s"), f"{1000 * sheet.ohm[0]:.0f} ± {1960 * sheet.ohm[1]:.0f} mΩ"))
    lost = (
        tr("{leaks:.2f} ± {leaks_2:.2f} mA", leaks=sheet.leaks[0], leaks_2=1.96 * sheet.leaks[1])
        if sheet.leaks is not None
        else tr("no rest of an hour")
    )
    return [
        *found,
        (tr("loses by itself"), lost),
        (tr("warmer than the room"), tr("{warmer:.1f} K at most", warmer=sheet.warmer)),
    ]


class FiguresForm(QWidget):
    """Health and cycles that are to be written: what is allowed is said, more is refused with the reason."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self._desk = desk
        self._job: Job | None = None
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        self.percent = self._number(tr("Health, percent"), "figure_percent", 0, 100)
        self.cycles = self._number(tr("Cycles"), "figure_cycles", 0, MOST_CYCLES)
        self.wish = QPushButton(tr("Use these figures"))
        self.wish.setObjectName("figures_wish")
        self.wish.clicked.connect(self._wished)
        self.said = label("quiet")
        self.said.setObjectName("figures_said")
        for name, box in ((tr("Health %"), self.percent), (tr("Cycles"), self.cycles)):
            caption = label("quiet", name, wrap=False)
            caption.setBuddy(box)
            row.addWidget(caption)
            row.addWidget(box)
        row.addWidget(self.wish)
        row.addWidget(self.said, 1)

    def _number(self, name: str, key: str, low: int, high: int) -> QSpinBox:
        box = QSpinBox()
        box.setObjectName(key)
        box.setAccessibleName(name)
        box.setRange(low, high)
        return box

    def show_job(self, job: Job) -> None:
        """Show a job's figures: those that are wished, else those that are allowed."""
        from daruma.bench.kinds.battery.figures import allowed

        fresh = self._job is None or (self._job.uid, self._job.of(BatteryWork)) != (job.uid, job.of(BatteryWork))
        self._job = job
        if not fresh or not measured(job).log:
            return
        limits, wish = allowed(self._desk.ready, job), job.of(BatteryWork).wish
        self.percent.setValue(wish.percent if wish else limits.percent)
        self.cycles.setValue(wish.cycles if wish else limits.cycles)
        kept = tr("To be written: {percent} %, {cycles} cycles. ", percent=wish.percent, cycles=wish.cycles) if wish else ""
        self.said.setText(f"{kept}{limits.why}")

    def _wished(self) -> None:
        from daruma.bench.kinds.battery.figures import wished

        percent, cycles = self.percent.value(), self.cycles.value()
        ready = self._desk.ready
        self._desk.job_work(
            self._desk.store, tr("keeping the figures"), lambda job, context: wished(ready, job, percent, cycles, context)
        )


def _folds(width: float, _: Job, model: Model, __: Sequence[object]) -> Picture:
    return fold_guide(width, model.pack_fold, tr("The catalogue does not say how this model's data flex is folded."))


ROOM = UiRoom(
    panels=(Panel(KEY, tr("Cell test"), _cell), Panel("folds", tr("Fold guide"), _folds)),
    pages=(CellPage,),
    worked_out=sheet_of,
    key=KEY,
    steps=(("test_cell", KEY), ("weld_cell", KEY), ("fold_pack", "folds"), ("first_boots", "folds")),
    forms=(Form("write_pack", FiguresForm),),
)
