"""Random panels on the simulated bench: measured, judged and tuned over the wire, and their truth without any noise."""

import random
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from daruma.bench.context import Context
from daruma.bench.kinds.display.measuring import measure_panel, measure_white
from daruma.bench.kinds.display.tuning import rounded
from daruma.bench.rig import Rig
from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import distance, uv_to_xy, xyz_to_uv
from daruma.core.colour.difference import delta_e_2000, xyz_to_lab
from daruma.core.colour.follow import WhiteVerdict, target_white
from daruma.core.colour.sheet import PanelSheet, panel_sheet
from daruma.core.colour.tuning import LEVELS
from daruma.core.display import FIELDS, Calibration, calibration_of, curves_in, field_values
from daruma.core.measured import Measured
from daruma.core.model import Model
from daruma.core.parts import PartKind
from daruma.core.records import Record, compose, decode, encode
from daruma.core.white_proof import verdict_of
from daruma.demo.kinds.display import panel as made_panel
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.standin.glass import codes_of, light_of
from daruma.standin.kinds.display.panel import Panel
from daruma.standin.kinds.display.screen import screen_light
from daruma.standin.lamps import LAMPS
from daruma.standin.server import Bench
from daruma.standin.world import Phone, World


@dataclass(frozen=True)
class Outcome:
    """What was found and what is true: dE00 of white and greys before and after, the verdict, the true worst distance."""

    sheet: PanelSheet
    before: np.ndarray
    after: np.ndarray
    verdict: WhiteVerdict
    off: float
    tolerance: float


class PanelBench:
    """One bench whose phone and panel are exchanged for each run."""

    def __init__(self, folder: Path, catalogue: Catalogue) -> None:
        self.catalogue = catalogue
        self.world = World({})
        self.bench = Bench(self.world, catalogue, mortal=False)
        wires = self.bench.serve(folder)
        self.rig = Rig({kind: wires[kind] for kind in ("phone", "colorimeter")}, settle=0.0)

    def close(self) -> None:
        self.rig.close()
        self.bench.stop()

    def run(self, seed: int) -> Outcome:
        """Put a panel with another panel's calibration into a phone, measure, judge, tune; compare with the truth."""
        rng = random.Random(f"panel {seed}")
        maker = Maker(rng)
        model = self.catalogue.models[rng.choice(sorted(self.catalogue.models))]
        phone, panel = self._fitted(maker, model, rng)
        # a colorimeter with an error of its own for each run
        self.world.seed = seed
        self.bench.box.calibrate()
        context, measured = Context(), Measured(die=panel.die)
        readings = []
        for light in ("warm", "cool"):
            fresh, measured = measure_white(self.rig, light, measured, context)
            readings += fresh
        verdict = verdict_of(model.white, readings, self.rig.meter().spec().uv)
        measured = measure_panel(self.rig, measured, panel.die, context, lambda _: None)
        layout = model.layout(PartKind.DISPLAY)
        record = decode(layout, bytes.fromhex(panel.memory))
        sheet = panel_sheet(
            measured, model, lambda made: rounded(layout, made), current=calibration_of(record), curves=curves_in(layout)
        )
        assert sheet is not None
        assert verdict is not None
        before, off = self._true(model, panel, record), self._off(phone, model)
        after = self._true(model, panel, self._written(record, sheet.tuning.calibration))
        return Outcome(sheet, before, after, verdict, off, model.white.tolerance_uv)

    def _fitted(self, maker: Maker, model: Model, rng: random.Random) -> tuple[Phone, Panel]:
        """Return a phone with a panel that carries another one's calibration; some are off by about the tolerance."""
        laying = Laying(maker, self.world)
        self.world.phones.clear()
        self.world.parts.clear()
        phone = laying.phone(model, str(model.last_system), model.name, {})
        panel, other = self.world.home(phone, Panel), made_panel(maker, model, model.makers[0], limit=None)
        if rng.random() < 0.5:
            angle, size = rng.uniform(0, 6.2832), rng.uniform(0.9, 1.25) * model.white.tolerance_uv
            uv = xyz_to_uv(_xyz(other.white_xy))
            xy = uv_to_xy((uv[0] + size * np.cos(angle), uv[1] + size * np.sin(angle)))
            panel.white_xy = [float(xy[0]), float(xy[1])]
        layout = model.layout(PartKind.DISPLAY)
        own, source = (decode(layout, bytes.fromhex(p.memory)) for p in (panel, other))
        panel.memory = compose(own, source, FIELDS).hex()
        phone.trusted = True
        self.world.cable = phone.imei
        return phone, panel

    @staticmethod
    def _written(record: Record, made: Calibration) -> Record:
        image = encode(record.layout, dict(field_values(made)), record.image)
        return decode(record.layout, image)

    @staticmethod
    def _true(model: Model, panel: Panel, record: Record) -> np.ndarray:
        spec, native = model.display, model.white.native_xy
        assert panel.glass is not None
        seen = [light_of(panel.glass, panel.white_xy, codes_of(record, spec, native, (s, s, s)), 320.0) for s in LEVELS]
        x, y = native
        white = seen[0][1] * np.array([x / y, 1.0, (1 - x - y) / y])
        return delta_e_2000(xyz_to_lab(seen, white), xyz_to_lab(np.asarray(LEVELS)[:, None] ** spec.gamma * white, white))

    def _off(self, phone: Phone, model: Model) -> float:
        """Return how far the white really is from its path, at its worst of both lights."""
        from daruma.catalogue.lamps import published_lamps

        worst = 0.0
        for light in ("warm", "cool"):
            self.world.light, self.world.lux = light, 400.0
            seen = xyz_to_uv(screen_light(self.world, phone, model, self.catalogue))
            x, y, z = (float(v) for v in published_lamps().xyz(LAMPS[light], 400.0))
            worst = max(worst, distance(seen, target_white(model.white, xyz_to_uv((x, y, z)))))
        self.world.light, self.world.lux = "off", 0.0
        return worst


def _xyz(xy: list[float]) -> tuple[float, float, float]:
    return xy[0] / xy[1], 1.0, (1 - xy[0] - xy[1]) / xy[1]
