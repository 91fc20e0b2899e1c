"""Bench: the run sheet, the step at hand, its interlocks, the record lens, the write budget, the sockets."""

from __future__ import annotations

from enum import Enum
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from daruma.core.errors import Remedy
from daruma.core.interlocks import Interlock
from daruma.core.job import Job, Stage, StepState
from daruma.core.language import continued, inner, tr
from daruma.core.plan.actions import Action, How
from daruma.core.plan.proofs import proven_by
from daruma.ui.desk import Desk
from daruma.ui.tips import plain_tip
from daruma.ui.views.base import StageView, main_push_button
from daruma.ui.views.heat_form import HeatForm
from daruma.ui.views.lens_sheet import LensSheet
from daruma.ui.views.step_forms import Forms
from daruma.ui.widgets.boxes import scrolled
from daruma.ui.widgets.hold import HoldButton
from daruma.ui.widgets.locks import Locks
from daruma.ui.widgets.notices import REMEDIES, label
from daruma.ui.widgets.run_sheet import RunSheet, SheetLine
from daruma.ui.widgets.step_timer import StepTimer

if TYPE_CHECKING:
    from daruma.bench.holding import Lapsed
    from daruma.bench.workshop import Survey
    from daruma.core.errors import Trouble


class Main(Enum):
    """Name what the main button does."""

    STEP = "step"
    PUT_BACK = "put back"
    PLAN = "plan"
    PROOF = "proof"


class BenchView(StageView):
    """Lead through the run sheet."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "bench")
        self._job: Job | None = None
        self._step = ""
        self._actions: dict[str, Action] = {}
        self._main = Main.STEP
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(14)
        row.addWidget(self._sheet_column())
        right = QVBoxLayout()
        right.setSpacing(10)
        right.addWidget(self._card())
        self.lens_sheet = LensSheet(desk)
        self.heat.drawn.connect(self.lens_sheet.setHidden)
        right.addWidget(self.lens_sheet, 1)
        row.addLayout(right, 1)
        desk.survey_changed.connect(self._surveyed)
        desk.look_failed.connect(self._look_failed)

    # -- building

    def _sheet_column(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        sheet.setFixedWidth(250)
        column = QVBoxLayout(sheet)
        column.setContentsMargins(10, 10, 10, 10)
        self.way = label("part")
        column.addWidget(self.way)
        self.run_sheet = RunSheet()
        self._sheet_area = scrolled(self.run_sheet)
        self._sheet_area.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        # once the sheet is laid out: it may have grown
        self.run_sheet.here_moved.connect(self._bring_here, Qt.ConnectionType.QueuedConnection)
        column.addWidget(self._sheet_area, 1)
        return sheet

    def _bring_here(self, middle: int) -> None:
        self._sheet_area.ensureVisible(0, middle, 0, self._sheet_area.viewport().height() // 3)

    def _card(self) -> QWidget:
        card = QFrame()
        card.setProperty("role", "sheet")
        column = QVBoxLayout(card)
        column.setContentsMargins(16, 10, 16, 12)
        column.setSpacing(5)
        self.title = label("head")
        self.how = label("")
        self.settings = label("data")
        self.caution = label("caution")
        self.timer = StepTimer()
        self.locks = Locks()
        for widget in (self.title, self.how, self.settings, self.caution, self.timer, self.locks):
            column.addWidget(widget)
        self.forms = Forms(self.desk)
        column.addWidget(self.forms)
        self.heat = HeatForm(self.desk)
        column.addWidget(self.heat, 1)
        buttons = QHBoxLayout()
        self.main = main_push_button("bench_main")
        self.main.clicked.connect(self._main_clicked)
        self.hold = HoldButton("hold_write")
        self.hold.held.connect(self.desk.do_step)
        self.remedy = QPushButton()
        self.remedy.setObjectName("light_lock")
        self.remedy.clicked.connect(self._light)
        self.failed = QPushButton(tr("It failed"))
        self.failed.setObjectName("step_failed")
        self.failed.clicked.connect(self.desk.fail_step)
        self.demo_note = label("hint")
        self.standing = label("quiet")
        self.standing.setObjectName("standing")
        buttons.addWidget(self.main)
        buttons.addWidget(self.hold)
        buttons.addWidget(self.remedy)
        buttons.addWidget(self.failed)
        buttons.addWidget(self.demo_note, 1)
        column.addLayout(buttons)
        column.addWidget(self.standing)
        return card

    # -- showing

    def fill(self, job: Job) -> None:
        self._job = job
        if not job.steps:
            return
        self._actions = self.desk.ready.actions(job)
        index = job.current_step
        bench = [i for i, step in enumerate(job.steps) if proven_by(step.action) is None]
        self.way.setText(job.way)
        self._show_sheet(job, bench)
        self._show_step(job, index if index in bench else None)
        self.lens_sheet.show_job(self._job, self.desk.survey)
        self._show_standing()

    def _show_sheet(self, job: Job, bench: list[int]) -> None:
        index, lapsed, lines = job.current_step, self._lapsed(), []
        for i in bench:
            step, figures = job.steps[i], self._actions[job.steps[i].action].figures
            gone = lapsed is not None and lapsed.index == i
            state = StepState.OPEN if gone else step.state
            note = tr("no longer so") if gone else step.note if step.state is not StepState.OPEN else ""
            minutes = figures.attended + figures.waiting
            lines.append(SheetLine(figures.title, minutes, state, i == index, figures.irreversible, note))
        self.run_sheet.show_lines(lines)

    def _show_step(self, job: Job, index: int | None) -> None:
        action = self._actions[job.steps[index].action] if index is not None else None
        done = action is None
        for each in (self.forms, self.heat):
            each.show_step(self._job, action.key if action is not None else "")
        self.title.setText(tr("The bench work is done") if action is None else action.figures.title)
        how = tr("Go on to Proof: each promise is tested before the phone is closed.") if done else "\n".join(action.figures.how)  # type: ignore[union-attr]
        self.how.setText(how)
        self.settings.setText("" if action is None else "   ".join(action.figures.settings))
        self.settings.setVisible(bool(self.settings.text()))
        self.caution.setText("" if action is None or not action.figures.caution else tr("Caution: ") + action.figures.caution)
        self.caution.setVisible(bool(self.caution.text()))
        hand = action is not None and action.trait.how is How.HAND
        self.timer.setVisible(hand)
        key = f"{job.number}/{index}"
        if key != self._step:
            self._step = key
            self.timer.show_minutes(action.figures.attended + action.figures.waiting if action else 0)
        failed = index is not None and job.steps[index].state is StepState.FAILED
        self._show_buttons(action, failed)

    def _lapsed(self) -> Lapsed | None:
        """Return the ticked step whose state is no more, as the last look at the bench for this job found it."""
        survey, job = self.desk.survey, self._job
        found = survey.lapsed if survey is not None else None
        if found is None or job is None or found.index >= len(job.steps):
            return None
        return found

    def _show_buttons(self, action: Action | None, failed: bool) -> None:
        lapsed = self._lapsed()
        write = action is not None and action.trait.act is not None and not failed and lapsed is None
        self.locks.setVisible(write)
        self.hold.setVisible(write)
        self.main.setVisible(not write)
        self.remedy.setVisible(False)
        self.demo_note.setText("")
        self._main = _main(action, failed, lapsed)
        tried = action is not None and not write and not failed and lapsed is None
        uncertain = tried and action is not None and (action.figures.chance < 1 or bool(action.miss))
        self.failed.setVisible(uncertain)
        self.allow(self.failed, uncertain)
        self.failed.setToolTip(
            plain_tip(tr("Tick this when it failed for good: {on_failure}.", on_failure=action.figures.on_failure))
            if action
            else ""
        )
        self.allow(self.main, True)
        if write:
            self._show_locks(self.desk.survey)
            self.hold.show_text(self._cost(action))  # type: ignore[arg-type]
        elif self._main is Main.PUT_BACK and lapsed is not None:
            self.main.setText(tr("Put back: {title}", title=continued(lapsed.title)))
            hands = tr(" Demo: the stand-in hands do it.") if self.desk.has_hands else ""
            self.demo_note.setText(tr("No longer so: {seen}.{hands}", seen=lapsed.seen, hands=hands))
        elif self._main is Main.PLAN:
            self.main.setText(tr("Plan again from here"))
        elif action is None:
            self.main.setText(tr("Go on to Proof"))
        elif action.trait.how is How.HAND:
            self.main.setText(tr("Done"))
            if self.desk.has_hands:
                self.demo_note.setText(tr("Demo: the stand-in hands do it with your tick."))
        else:
            self.main.setText(action.figures.title)

    def _show_locks(self, survey: Survey | None) -> None:
        self.locks.show_locks(survey.locks if survey else ())
        self.allow(self.hold, self.locks.all_lit)
        lock = _to_light(survey)
        self.remedy.setVisible(lock is not None)
        self.remedy.setText(REMEDIES[lock.offers] if lock and lock.offers else "")
        said = lock.evidence if lock else ""
        self.demo_note.setText(f"{said[:1].upper()}{said[1:]}." if said else "")

    def _cost(self, action: Action) -> str:
        """Return what the hold button says: the effect with its cost."""
        budget = self.desk.survey.budget if self.desk.survey else None
        if not action.trait.writes:
            return inner(action.figures.title)
        return tr("write record") + (f", {budget.words()}" if budget else "")

    def _look_failed(self, trouble: Trouble) -> None:
        self.standing.setText(
            tr("The bench could not be looked at: {trouble} {advice}", trouble=trouble.what, advice=trouble.advice).strip()
        )
        self.standing.setProperty("role", "part")
        self.standing.style().polish(self.standing)

    def _show_standing(self) -> None:
        said, bad = _standing(self.desk.survey)
        self.standing.setText(said)
        self.standing.setProperty("role", "part" if bad else "quiet")
        self.standing.style().polish(self.standing)

    def _surveyed(self, survey: Survey) -> None:
        if self._job is not None and self._job.steps:
            index = self._job.current_step
            bench = index is not None and proven_by(self._job.steps[index].action) is None
            action = self._actions.get(self._job.steps[index].action) if bench and index is not None else None
            if action is not None and (action.trait.act is not None or survey.lapsed or self._main is Main.PUT_BACK):
                failed = index is not None and self._job.steps[index].state is StepState.FAILED
                self._show_sheet(self._job, [i for i, s in enumerate(self._job.steps) if proven_by(s.action) is None])
                self._show_buttons(action, failed)
        self._show_standing()
        self.lens_sheet.show_job(self._job, self.desk.survey)

    # -- acting

    def main_button(self) -> QWidget:
        return self.hold if self.hold.isVisible() else self.main

    def _main_clicked(self) -> None:
        match self._main:
            case Main.PUT_BACK:
                self.desk.put_back()
            case Main.PROOF:
                self.desk.stage_wanted.emit(Stage.PROOF)
            case Main.PLAN:
                self.desk.stage_wanted.emit(Stage.PLAN)
            case Main.STEP:
                self.desk.do_step()

    def _light(self) -> None:
        """Do what lights the dark interlock that the button speaks of."""
        survey = self.desk.survey
        lock = _to_light(survey)
        match lock.offers if lock else None:
            case Remedy.SETTLE if survey is not None:
                plugged = {part.die for part in survey.bench.sockets.values() if part is not None}
                here = sorted(survey.doubts, key=lambda act: act.die not in plugged)
                # none is left where another window is just carrying the act out, or has settled it
                self.desk.settle(here[0]) if here else self.desk.look()
            case Remedy.FIRMWARE:
                self.desk.update_firmware()
            case Remedy.DECIDE:
                self.desk.decide()
            case Remedy.TRUST:
                self.desk.confirm_trust()


def _standing(survey: Survey | None) -> tuple[str, bool]:
    """Return what is safe now and how the links are, and whether one of them is not well."""
    if survey is None:
        return tr("Looking at the bench."), False
    links = [link for link in survey.bench.links if link.kind in ("programmer", "phone")]
    bad = [link.words for link in links if link.failed or not link.answers]
    said = "; ".join(bad) or tr("sound") if links else tr("no device is set up")
    return tr("Safe now: {safe}  Links: {said}.", safe=survey.safe, said=said), bool(bad)


def _main(action: Action | None, failed: bool, lapsed: Lapsed | None) -> Main:
    """Return what the main button does for the step at hand."""
    if failed:
        return Main.PLAN
    if action is None:
        return Main.PROOF
    return Main.STEP if lapsed is None else Main.PUT_BACK


def _to_light(survey: Survey | None) -> Interlock | None:
    """Return the dark interlock that a button beside the hold lights, the gravest first."""
    offered = {lock.offers: lock for lock in survey.locks if not lock.lit} if survey is not None else {}
    return next((offered[remedy] for remedy in REMEDIES if remedy in offered), None)
