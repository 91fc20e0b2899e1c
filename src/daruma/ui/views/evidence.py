"""The pages of evidence at Proof: the white, the panel sheet, the sensor, the luminance; each with its picture and numbers."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence
from pathlib import Path
from typing import TYPE_CHECKING, Any

from msgspec import Struct, field
from PySide6.QtWidgets import QHBoxLayout, QScrollArea, QVBoxLayout, QWidget

from daruma.core.colour.chromaticity import xyz_to_uv
from daruma.core.colour.light_names import lamp_name
from daruma.core.colour.shots import Sheet, Shot, brightness_shots, panel_shots, white_shots
from daruma.core.job import Job
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Picture
from daruma.core.pictures.session_strip import HEIGHT, session_strip
from daruma.ui.views.proof_acts import LIGHTS, Known, fields_left, missing_lights
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.numbers import Numbers
from daruma.ui.widgets.picture_view import PictureView

if TYPE_CHECKING:
    from daruma.bench.kinds.display.measuring import Sample
    from daruma.bench.kinds.display.tuning import DisplaySheets
    from daruma.core.colour.brightness import BrightnessVerdict
    from daruma.core.colour.chromaticity import Pair
    from daruma.core.colour.follow import WhitePoint, WhiteVerdict


class Evidence(Struct, frozen=True):
    """Hold what the pages show of a job, worked out off the interface's thread; `of_kinds` what rooms of single kinds have worked
    out, `others` what comes in of these.
    """

    job: Job
    model: Model
    white: WhiteVerdict | None = None
    before: tuple[WhitePoint, ...] = ()
    brightness: BrightnessVerdict | None = None
    sheets: DisplaySheets | None = None
    black_body: tuple[Pair, ...] = ()
    daylight: tuple[Pair, ...] = ()
    live: tuple[Sample, ...] = field(default_factory=tuple)
    others: tuple[object, ...] = ()
    of_kinds: Mapping[str, Any] = field(default_factory=dict)

    @property
    def known(self) -> Known:
        """Return what the main button depends on."""
        sheets = self.sheets
        return Known(
            spend=sheets.spend.kind if sheets is not None and sheets.spend is not None else None,
            next_light=sheets.sensor.next_light if sheets is not None and sheets.sensor is not None else "",
            white_readings=(self.white.readings or 0) if self.white is not None else 0,
            level_readings=(self.brightness.readings or 0) if self.brightness is not None else 0,
        )


class Page(QWidget):
    """Base of the pages: a strip of the session's shots, a picture, numbers beside it, one sentence above."""

    key = ""
    title = ""
    sheet: Sheet | None = Sheet.WHITE

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName(f"page_{self.key}")
        self.evidence: Evidence | None = None
        self.said = label("")
        self.said.setObjectName(f"said_{self.key}")
        self.strip = PictureView(f"strip_{self.key}", grows=False)
        self.picture = PictureView(f"{self.key}_plot")
        self.numbers = Numbers(f"numbers_{self.key}")
        area = QScrollArea()
        area.setObjectName(f"area_{self.key}")
        area.setWidgetResizable(True)
        area.setFrameShape(QScrollArea.Shape.NoFrame)
        area.setWidget(self.numbers)
        area.viewport().setAutoFillBackground(False)
        self.numbers.setAutoFillBackground(False)
        area.setMinimumWidth(248)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(4)
        column.addWidget(self.said)
        column.addWidget(self.strip)
        middle = QHBoxLayout()
        middle.setSpacing(12)
        middle.addWidget(self.picture, 5)
        middle.addWidget(area, 2)
        column.addLayout(middle, 1)
        self.strip.setVisible(False)

    def show_evidence(self, evidence: Evidence) -> None:
        """Show what is known."""
        self.evidence = evidence
        self.said.setText(self.sentence(evidence))
        self.numbers.show_numbers(self.lines(evidence))
        self.strip.setVisible(bool(evidence.live) or self.unfinished(evidence))
        if self.strip.isVisibleTo(self):
            self.strip.show_build(self._strip)
        self.picture.show_build(self._picture)

    def sentence(self, evidence: Evidence) -> str:
        """Return the verdict in one sentence."""
        raise NotImplementedError

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        """Return the numbers beside the picture."""
        raise NotImplementedError

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        """Return the picture."""
        raise NotImplementedError

    @classmethod
    def save(cls, job: Job, file: Path, when: str) -> None:
        """Write the measurements behind the page to a file; raise Trouble where that cannot be done."""
        from daruma.handover.measurements import export_sheet

        assert cls.sheet is not None
        export_sheet(job, cls.sheet, file, when)

    def shots(self, _: Evidence) -> Sequence[Shot]:
        """Return the shots of the page's session; none where it has no strip of them."""
        return ()

    def taken(self, evidence: Evidence) -> Collection[str]:
        """Return the keys of shots that are taken."""
        return [sample.shot.key for sample in evidence.live[:-1]]

    def bad(self, _: Evidence) -> Collection[str]:
        """Return the keys of shots that are to be repeated."""
        return ()

    def unfinished(self, evidence: Evidence) -> bool:
        """Return whether a session has shots that are bad or were never taken."""
        return bool(self.bad(evidence))

    def _strip(self, width: float, _: float) -> Picture:
        assert self.evidence is not None
        live = self.evidence.live
        at_hand = live[-1].shot.key if live else ""
        shots = self.shots(self.evidence)
        value = tr("{xyz:.2f} cd/m²", xyz=live[-1].xyz[1]) if live else ""
        made = session_strip(width, shots, self.taken(self.evidence), self.bad(self.evidence), at_hand, value)
        assert made.height == HEIGHT
        return made

    def _picture(self, width: float, height: float) -> Picture:
        assert self.evidence is not None
        return self.draw(self.evidence, width, height)


class WhitePage(Page):
    """The white under lights."""

    key, title, sheet = "white", tr("White"), Sheet.WHITE

    def sentence(self, evidence: Evidence) -> str:
        proof = evidence.job.proof(Function.AMBIENT_WHITE)
        if proof is not None:
            return proof.summary
        if missing := missing_lights(evidence.job):
            measured = [light for light in LIGHTS if light not in missing]
            return (
                tr(
                    "Measured under {measured} light; {missing} light is still needed.",
                    measured=lamp_name(measured[0]),
                    missing=lamp_name(missing[0]),
                )
                if measured
                else tr("Not measured yet.")
            )
        return evidence.white.sentence if evidence.white is not None else tr("Not measured yet.")

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        proof = evidence.job.proof(Function.AMBIENT_WHITE)
        return proof.numbers if proof is not None else ()

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.white_plot import Beside, white_plot

        live = tuple(xyz_to_uv(sample.xyz) for sample in evidence.live if sum(sample.xyz) > 0)
        beside = Beside(evidence.black_body, evidence.daylight, evidence.before, self._expected(evidence), live)
        return white_plot(width, height, evidence.model.white, evidence.white, beside)

    @staticmethod
    def _expected(evidence: Evidence) -> dict[str, Pair]:
        """Return where the tuned record should bring each white, while it is not written."""
        sheets = evidence.sheets
        if sheets is None or sheets.panel is None or evidence.white is None or not sheets.panel.tuning.helps:
            return {}
        return {point.light: sheets.panel.moved(point.measured) for point in evidence.white.points}

    def shots(self, evidence: Evidence) -> Sequence[Shot]:
        lights = dict.fromkeys([*LIGHTS, *(reading.light for reading in evidence.job.readings)])
        return white_shots(tuple(dict.fromkeys([*lights, *(sample.shot.key for sample in evidence.live)])))


class PanelPage(Page):
    """The panel sheet, and whether tuning is worth a write."""

    key, title, sheet = "panel", tr("Panel sheet"), Sheet.PANEL

    def sentence(self, evidence: Evidence) -> str:
        sheets = evidence.sheets
        if sheets is None or (sheets.panel is None and not sheets.trouble):
            return tr("The panel is not measured yet: its own fields tell which record would make it right.")
        if sheets.panel is None:
            return sheets.trouble
        doubts = " ".join(sheets.panel.doubts[:1])
        spend = sheets.spend.sentence if sheets.spend is not None else ""
        return f"{spend} {doubts}".strip()

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        from daruma.core.pictures.panel_picture import panel_numbers, spend_numbers

        sheets = evidence.sheets
        if sheets is None or sheets.panel is None:
            return ()
        spend = spend_numbers(sheets.spend) if sheets.spend is not None else ()
        return (*panel_numbers(sheets.panel, evidence.model.display), *spend)

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.panel_picture import panel_picture

        panel = evidence.sheets.panel if evidence.sheets is not None else None
        return panel_picture(width, height, evidence.model.display, panel)

    @classmethod
    def save(cls, job: Job, file: Path, when: str) -> None:
        """Write the measurements behind the page to a file; raise Trouble where that cannot be done."""
        from daruma.handover.measurements import export_sheet

        assert cls.sheet is not None
        export_sheet(job, cls.sheet, file, when)

    def shots(self, _: Evidence) -> Sequence[Shot]:
        return panel_shots()

    def taken(self, evidence: Evidence) -> Collection[str]:
        return {
            *super().taken(evidence),
            *(taken.key for taken in evidence.job.of(DisplayWork).measured.fields if not taken.doubt),
        }

    def bad(self, evidence: Evidence) -> Collection[str]:
        return [taken.key for taken in evidence.job.of(DisplayWork).measured.fields if taken.doubt] if not evidence.live else ()

    def unfinished(self, evidence: Evidence) -> bool:
        measured = evidence.job.of(DisplayWork).measured
        return bool(self.bad(evidence)) or fields_left(measured) > 0


class SensorPage(Page):
    """How the flex's stored gains fit."""

    key, title, sheet = "sensor", tr("Light sensor"), Sheet.WHITE

    def sentence(self, evidence: Evidence) -> str:
        from daruma.core.pictures.sensor_picture import sensor_sentence

        return sensor_sentence(evidence.sheets.sensor if evidence.sheets is not None else None)

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        from daruma.core.pictures.sensor_picture import sensor_numbers

        sensor = evidence.sheets.sensor if evidence.sheets is not None else None
        return sensor_numbers(sensor) if sensor is not None else ()

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.sensor_picture import sensor_picture

        sensor = evidence.sheets.sensor if evidence.sheets is not None else None
        return sensor_picture(width, height, sensor, evidence.model.white.tolerance_uv)

    def shots(self, evidence: Evidence) -> Sequence[Shot]:
        return white_shots(tuple(dict.fromkeys(sample.shot.key for sample in evidence.live)))


class BrightnessPage(Page):
    """Luminance against illuminance."""

    key, title, sheet = "brightness", tr("Luminance"), Sheet.BRIGHTNESS

    def sentence(self, evidence: Evidence) -> str:
        proof = evidence.job.proof(Function.AUTO_BRIGHTNESS)
        return proof.summary if proof is not None else tr("Not measured yet.")

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        proof = evidence.job.proof(Function.AUTO_BRIGHTNESS)
        return proof.numbers if proof is not None else ()

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.brightness_plot import brightness_plot

        live = tuple((sample.shot.lux, sample.xyz[1]) for sample in evidence.live if sample.xyz[1] > 0)
        verdict = evidence.brightness if not live else None
        levels = evidence.job.of(DisplayWork).measured.levels if verdict is not None else ()
        return brightness_plot(width, height, evidence.model.display, verdict, levels, live)

    @classmethod
    def save(cls, job: Job, file: Path, when: str) -> None:
        """Write the measurements behind the page to a file; raise Trouble where that cannot be done."""
        from daruma.handover.measurements import export_sheet

        assert cls.sheet is not None
        export_sheet(job, cls.sheet, file, when)

    def shots(self, _: Evidence) -> Sequence[Shot]:
        return brightness_shots()
