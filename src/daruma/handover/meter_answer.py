"""What a log of volts and amperes says: charge, energy, phases, steps and gaps, as JSON data and as text."""

from __future__ import annotations

from typing import Any

import numpy as np

from daruma.core.cell.log import GAIN, Amount, current_steps, gaps, integrals, offset_of, totals
from daruma.core.cell.phases import phases
from daruma.core.cell.sign import charging_sign, dominant_sign
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.power.boot import BootVerdict, boot_of
from daruma.handover.meter_log import MeterLog


def meter_answer(log: MeterLog, model: Model | None = None, sign: float = 0.0) -> dict[str, Any]:
    """Return a log's judgement; positive and negative are by the sign of the current as it stands in the file.

    With the model of the phone on the cable, what the log says of its start as well: on a cable the larger sum of current goes
    into the phone. `sign` is that of the charging current where it is said; where it is not to be told, phases are named as if
    the larger sum charged.
    """
    offset = offset_of(log.a)
    whole = totals(log.t, log.v, log.a, offset=offset)
    known = sign or log.sign or (dominant_sign(log.t, log.a) if model else charging_sign(log.t, log.v, log.a))
    sign = known or dominant_sign(log.t, log.a)
    return {
        "format": "daruma-meter",
        "version": 1,
        "columns": {key: {"name": column.name, "unit": column.unit} for key, column in log.columns.items()},
        "samples": len(log.t),
        "left_out": log.left_out,
        "duration_s": float(log.t[-1] - log.t[0]),
        "assumed": {"gain_u": GAIN, "offset_u_a": offset},
        "charging": {0.0: "not known", 1.0: "positive", -1.0: "negative"}[known],
        "charge_mAh": {"positive": _amount(whole.charge_positive), "negative": _amount(whole.charge_negative)},
        "energy_mWh": {"positive": _amount(whole.energy_positive), "negative": _amount(whole.energy_negative)},
        "phases": [_phase(log, span.phase.value, span.start, span.end) for span in phases(log.t, log.v, sign * log.a)],
        "steps": [
            {"t_s": step.t, "di_a": step.amperes, "r_first_ohm": step.first_ohm, "r_10s_ohm": step.late_ohm}
            for step in current_steps(log.t, log.v, log.a)
        ],
        "gaps": [{"start_s": gap.start, "end_s": gap.end} for gap in gaps(log.t)],
        **({} if model is None else {"start": _start(boot_of(log.t, log.v, sign * log.a, model.boot), model)}),
    }


def _start(verdict: BootVerdict, model: Model) -> dict[str, Any]:
    runs = [{"start_s": run.start, "end_s": run.end, "likeness": run.alike} for run in verdict.runs]
    return {"model": model.key, "verdict": verdict.boot.value, "why": verdict.why, "runs": runs}


def _amount(amount: Amount) -> dict[str, float]:
    return {"value": amount.value, "u": amount.u}


def _phase(log: MeterLog, kind: str, start: float, end: float) -> dict[str, Any]:
    # of two samples at one time the later one begins a phase, the earlier one ends it
    first, last = int(np.searchsorted(log.t, start, "right")), int(np.searchsorted(log.t, end, "left"))
    if first and log.t[first - 1] == start:
        first -= 1
    if last < len(log.t) and log.t[last] == end:
        last += 1
    sums = integrals(log.t[first:last], log.v[first:last], log.a[first:last])
    # between samples, where none is at an end of the phase
    for edge, place in ((start, first), (end, last - 1)):
        if first < last and log.t[place] != edge:
            near = sorted((edge, float(log.t[place])))
            sums += integrals(np.array(near), *(np.interp(near, log.t, each) for each in (log.v, log.a)))
    volts, amps, watts = (float(each) for each in sums)
    lasted = max(end - start, 1e-12)
    return {
        "kind": kind,
        "start_s": start,
        "end_s": end,
        "charge_mAh": amps / 3.6,
        "energy_mWh": watts / 3.6,
        "mean_v": volts / lasted,
        "mean_a": amps / lasted,
    }


def columns_text(found: dict[str, Any]) -> str:
    """Return in lines of text how a log was read: which column is which, in which unit, and which sign charges."""
    lines = [f"{key}: {column['name'] or '-'} ({column['unit']})" for key, column in found["columns"].items()]
    charging = {"positive": tr("positive current means charging"), "negative": tr("negative current means charging")}
    unknown = tr("not clear which sign of the current means charging: say it with --charging")
    return "\n".join((*lines, charging.get(found["charging"], unknown)))


def meter_text(found: dict[str, Any]) -> str:
    """Return a judgement in lines of text."""
    lines = [columns_text(found)]
    lines.append(
        tr(
            "{count} samples, {seconds:.0f} s; {left_out} rows left out",
            count=found["samples"],
            seconds=found["duration_s"],
            left_out=found["left_out"],
        )
    )
    for key, unit in (("charge_mAh", "mAh"), ("energy_mWh", "mWh")):
        parts = (
            tr(
                "{side} {amount:.3f} {unit}, standard uncertainty {amount_2:.3f}",
                side=side,
                amount=amount["value"],
                unit=unit,
                amount_2=amount["u"],
            )
            for side, amount in found[key].items()
        )
        lines.append("; ".join(parts))
    for phase in found["phases"]:
        span = tr("{phase:.1f} to {phase_2:.1f} s", phase=phase["start_s"], phase_2=phase["end_s"])
        lines.append(f"{phase['kind'].replace('_', ' ')}: {span}, {phase['mean_a']:.3f} A, {phase['mean_v']:.3f} V")
    if "start" in found:
        lines.append(
            tr(
                "start of {model}: {verdict}, {why}",
                model=found["start"]["model"],
                verdict=found["start"]["verdict"],
                why=found["start"]["why"],
            )
        )
    lines += [tr("gap: {gap:.1f} to {gap_2:.1f} s", gap=gap["start_s"], gap_2=gap["end_s"]) for gap in found["gaps"]]
    return "\n".join(lines)
