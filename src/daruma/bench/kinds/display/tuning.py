"""From measured fields to a tuned record: the panel sheet, what a write for it is worth, keeping it, the way to write it."""

from __future__ import annotations

from collections.abc import Mapping
from typing import TYPE_CHECKING

from msgspec import Struct
from msgspec.structs import replace

from daruma.bench.kinds.display.codes import keep_tuned as kept_tuned
from daruma.bench.kinds.display.facts import panel_of
from daruma.bench.kinds.display.measuring import LIGHTS
from daruma.catalogue.loader import Catalogue
from daruma.core.display import Calibration, calibration_of, curves_in, field_values
from daruma.core.errors import RecordError, Trouble
from daruma.core.job import Job, Step, StepState
from daruma.core.kinds import promisable
from daruma.core.kinds.display.facts import facts_of
from daruma.core.kinds.display.panel import life_of
from daruma.core.kinds.display.state import PanelVal, PanelVar
from daruma.core.kinds.display.steps import TRAITS, TUNED
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.known import KnownPart
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind
from daruma.core.plan.actions import Action
from daruma.core.plan.case import Case
from daruma.core.plan.proofs import proof_key, proven_by
from daruma.core.plan.spend import SpendAdvice, Stakes, advise_write
from daruma.core.plan.state import needs
from daruma.core.plan.workbench import OPEN, Workbench
from daruma.core.records import Layout, decode, encode
from daruma.store.shop import Shop

if TYPE_CHECKING:
    from daruma.core.colour.sheet import PanelSheet, SensorSheet

# the way to a panel that is fitted already, and back
WAY = ("reopen_phone", "new_to_socket", "read_new", TUNED, "new_off_socket", "fit")
# the published lamps that the box's lights are most like
BOX = dict(zip(LIGHTS, ("A", "LED-B3", "D65"), strict=True))


class DisplaySheets(Struct, frozen=True):
    """Hold what a job's measurements say: panel, advice about a write for it, sensor; each None where it was not measured."""

    job: int
    panel: PanelSheet | None
    spend: SpendAdvice | None
    sensor: SensorSheet | None
    trouble: str = ""


def tuned_action(catalogue: Catalogue) -> Action:
    """Return the action that writes a tuned record; the planner has none, since no promise needs it before it is measured."""
    on_socket = (OPEN, needs(PanelVar.SOCKET, PanelVal.NEW))
    return Action(TUNED, catalogue.figures[TUNED], on_socket, {}, trait=TRAITS[TUNED])


def display_sheets(
    job: Job, model: Model, catalogue: Catalogue, shop: Shop, case: Case, known: KnownPart, actions: Mapping[str, Action]
) -> DisplaySheets:
    """Work out a job's sheets from what was measured."""
    from daruma.catalogue.lamps import family_sensor, published_lamps  # brings NumPy, which is slow to import
    from daruma.core.colour.sheet import sensor_sheet

    sensor, lights = None, job.of(DisplayWork).measured.lights
    if lights:
        family = family_sensor(catalogue.ambient_channels)
        sensor = sensor_sheet(lights, family, published_lamps(), tuple(BOX.items()))
    try:
        panel = _panel(job, model, known)
    except ValueError as error:
        return DisplaySheets(job.number, None, None, sensor, tr("The fields do not describe a panel: {error}.", error=error))
    except RecordError as error:
        return DisplaySheets(job.number, None, None, sensor, tr("No record can make this panel right: {error}", error=error.what))
    if panel is None:
        return DisplaySheets(job.number, None, None, sensor)
    stakes = _stakes(job, model, catalogue, shop, case, actions)
    return DisplaySheets(job.number, panel, advise_write(panel.tuning, stakes, case.preferences.tolerance_de), sensor)


def _panel(job: Job, model: Model, known: KnownPart) -> PanelSheet | None:
    from daruma.core.colour.sheet import panel_sheet  # brings NumPy, which is slow to import

    layout, measured = model.layout(PartKind.DISPLAY), job.of(DisplayWork).measured
    current = calibration_of(known.target) if known.target is not None else None
    return panel_sheet(measured, model, lambda made: rounded(layout, made), current=current, curves=curves_in(layout))


def rounded(layout: Layout, calibration: Calibration) -> Calibration:
    """Return a calibration as a record of this layout carries it; raises RecordError where it does not fit."""
    record = decode(layout, encode(layout, {"signature": layout.field("signature").constant, **field_values(calibration)}))
    made = calibration_of(record)
    assert made is not None, "what was just encoded can be read"
    return made


def _stakes(job: Job, model: Model, catalogue: Catalogue, shop: Shop, case: Case, actions: Mapping[str, Action]) -> Stakes:
    money = case.preferences
    panel = panel_of(shop, model, job)
    kept = sum(money.worth_of(function) for function in job.ticket.promised if job.is_proven(function))
    steps = [actions[key] for key in WAY if key in actions]
    return Stakes(
        life=life_of(Workbench(case, catalogue.figures), panel),
        kills=facts_of(case).chances.spent_write_kills,
        panel=panel.price,
        worth=money.worth_of(Function.AMBIENT_WHITE),
        kept=kept,
        work=sum(money.price(step) for step in steps),
        minutes=sum(step.minutes for step in steps),
    )


def keep_tuned(job: Job, model: Model, shop: Shop, known: KnownPart, when: str) -> Job:
    """Keep the tuned record in the vault and put its way on the run sheet; proofs of the display are to be taken again.

    Raises Trouble where the panel was not measured, or not read on the programmer before.
    """
    sheet = _panel(job, model, known)
    if sheet is None:
        raise Trouble(
            tr("The panel is not measured yet."),
            safe=tr("Nothing was changed."),
            advice=tr("Take the panel sheet's fields first."),
        )
    work = job.of(DisplayWork)
    if not work.source or known.target is None or known.part is None or known.part.die != work.measured.die:
        raise Trouble(
            tr("The panel that was measured was never read on the programmer."),
            safe=tr("The measurement is kept."),
            advice=tr("Put it on the socket and read it, then tune."),
        )
    values = dict(field_values(sheet.tuning.calibration))
    image = encode(known.target.layout, values, known.target.image)
    source = shop.vault.get(work.source)
    note = tr(
        "tuned for this panel: white and greys ΔE00 {worst:.1f} expected, from its own fields", worst=sheet.tuning.after.worst
    )
    record = decode(known.target.layout, image, loose=True)
    made = kept_tuned(shop.vault, job, source, record, when, note, work.measured)
    return with_way(job).having(replace(work, source=made.ref, made=made.ref))


def with_way(job: Job) -> Job:
    """Return the job with the way to write a tuned record behind the steps that are done; its proofs are overtaken."""
    done = [step for step in job.steps if step.state is StepState.DONE and proven_by(step.action) is None]
    proofs = [Step(proof_key(function)) for function in job.ticket.promised if function in promisable()]
    steps = (*done, *(Step(key) for key in WAY), *proofs)
    return replace(job, steps=steps, readings=(), proofs=tuple(replace(proof, overtaken=True) for proof in job.proofs))
