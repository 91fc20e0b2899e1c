"""Make the demo's panels and phones: plausible values from a seeded generator."""

import random
from collections.abc import Mapping
from dataclasses import dataclass

from stdnum import luhn

from daruma.core.colour.chromaticity import XYZ
from daruma.core.colour.panel import PanelReadings, characterise
from daruma.core.colour.shots import GREY_LEVELS
from daruma.core.colour.tuning import tuned
from daruma.core.display import curves_in, field_values
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind
from daruma.core.records import FieldValue, encode
from daruma.core.serials import with_check
from daruma.standin.glass import Glass, light_of, plain_glass
from daruma.standin.world import Flex, Panel, Phone

_ALPHABET = "0123456789ABCDEFGHJKLMNPQRSTUVWXYZ"


@dataclass(slots=True)
class Maker:
    """Make serials, panels and phones, each new one different."""

    rng: random.Random

    def serial(self, start: str) -> str:
        """Return a display serial whose check character is neither I nor O."""
        while True:
            body = start + "".join(self.rng.choices(_ALPHABET, k=15 - len(start)))
            serial = with_check(body)
            if serial[-1] not in "IO":
                return serial

    def code(self, digits: int = 16) -> str:
        """Return a code of hexadecimal digits."""
        return "".join(self.rng.choices("0123456789ABCDEF", k=digits))

    def imei(self) -> str:
        """Return an IMEI of the test range (leading 00) with its check digit."""
        body = "00" + "".join(self.rng.choices("0123456789", k=12))
        return body + str(luhn.calc_check_digit(body))

    def glass(self, model: Model) -> Glass:
        """Return a panel's glass: near what the model means, as panels differ; its channels are more alike."""
        spec, common = model.display, self.rng.gauss(0, 0.04)
        primaries = [[x + self.rng.gauss(0, 0.003), y + self.rng.gauss(0, 0.003)] for x, y in spec.primaries_xy]
        gammas = [spec.gamma + common + self.rng.gauss(0, 0.012) for _ in range(3)]
        return Glass(primaries, gammas, self.rng.uniform(0.005, 0.03), 1 + self.rng.gauss(0, 0.03))

    def white(self, model: Model, shift: float = 0.0) -> list[float]:
        """Return a panel's real white: near the native one, as panels differ, or shifted towards yellow."""
        x, y = model.white.native_xy
        return [x + self.rng.uniform(-0.0012, 0.0012) + shift, y + self.rng.uniform(-0.0012, 0.0012) + shift]

    def record(
        self,
        model: Model,
        maker: str,
        white: list[float],
        glass: Glass | None = None,
        *,
        blank: bool = False,
        cover: str | None = None,
    ) -> bytes:
        """Return the memory of a panel: complete as it left its factory, or with codes and calibration never set."""
        layout = model.layout(PartKind.DISPLAY)
        values: dict[str, FieldValue] = {"signature": layout.field("signature").constant, "panel_maker": maker}
        if not blank:
            values |= {
                "display_serial": self.serial("".join(c for c in maker.upper() if c in _ALPHABET)[:2]),
                "cover_code": cover or self.code(),
                **self._calibration(model, white, glass or plain_glass(model.display)),
            }
        return encode(layout, values)

    def _calibration(self, model: Model, white: list[float], glass: Glass) -> Mapping[str, FieldValue]:
        """Return what a factory measures and sets, with the small error that it makes, too."""
        spec = model.display
        off = [1 + self.rng.gauss(0, 0.0005) for _ in range(3)]

        def read(red: float, green: float, blue: float) -> XYZ:
            x, y, z = light_of(glass, white, (red, green, blue), spec.test_luminance)
            return x * off[0], y * off[1], z * off[2]

        greys = tuple((level, read(level, level, level)) for level in GREY_LEVELS)
        readings = PanelReadings(read(1, 0, 0), read(0, 1, 0), read(0, 0, 1), read(1, 1, 1), greys)
        curves = curves_in(model.layout(PartKind.DISPLAY))
        return field_values(tuned(characterise(readings), spec, model.white.native_xy, curves))

    def panel(
        self, model: Model, maker: str, *, limit: int | None, blank: bool = False, shift: float = 0.0, answers: bool = True
    ) -> Panel:
        """Return a panel with a touch chip whose code its cover code mirrors."""
        chip, white, glass = self.code(), self.white(model, shift), self.glass(model)
        memory = self.record(model, maker, white, glass, blank=blank, cover=chip)
        die = f"D{self.code(11)}"
        return Panel(die, maker, model.key, memory.hex(), white, limit, 0, answers, chip, own_chip=chip, glass=glass)

    def flex(self, model: Model, board: Mapping[str, str], imei: str, *, sound: bool = True) -> Flex:
        """Return the sensor flex that a phone left the factory with."""
        layout = model.layout(PartKind.SENSOR_FLEX)
        values: dict[str, FieldValue] = {"signature": layout.field("signature").constant}
        values |= {key: board[key] for key in ("flex_id", "ambient_code")}
        channels = [1 + self.rng.gauss(0, 0.03) for _ in range(8)]
        values["ambient_gains"] = tuple(round(1000 / channel) for channel in channels)
        return Flex(f"F{imei}", model.key, encode(layout, values).hex(), sound, channels=channels)

    def phone(self, model: Model, system: str, label: str, panel: Panel, serial: str) -> Phone:
        """Return a phone whose board expects the panel it left the factory with."""
        board = {identity.value: self.code(12) for identity in Identity}
        board |= {"display_serial": serial, "cover_code": panel.chip or "", "touch_chip_id": panel.chip or ""}
        of_panel = {"display_serial", "cover_code", "touch_chip_id", "flex_id", "ambient_code"}
        carried = {key: value for key, value in board.items() if key not in of_panel}
        conditions = {
            "dot_map_readable": True,
            "link_lines_normal": True,
            "gauge_answers": True,
            "flashed_after_swap": True,
            "sweep_done": True,
            "motor_sound": True,
            "display_finished": False,
            "battery_finished": False,
        }
        imei = self.imei()
        return Phone(label, model.key, imei, system, board, carried, conditions, panel.die, panel.die, flex=f"F{imei}")
