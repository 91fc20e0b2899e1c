"""Make the demo's panels and phones: plausible values from a seeded generator."""

import random
from collections.abc import Mapping
from dataclasses import dataclass

from stdnum import luhn

from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind
from daruma.core.records import FieldValue, encode
from daruma.core.serials import with_check
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

    def white(self, model: Model, shift: float = 0.0) -> list[float]:
        """Return a panel's real white: near the native one, as panels differ, or shifted towards yellow."""
        x, y = model.white.native_xy
        return [x + self.rng.uniform(-0.0012, 0.0012) + shift, y + self.rng.uniform(-0.0012, 0.0012) + shift]

    def record(self, model: Model, maker: str, white: list[float], *, blank: bool = False, cover: str | None = None) -> bytes:
        """Return the memory of a panel: complete, or with codes and calibration never set."""
        layout = model.layout(PartKind.DISPLAY)
        values: dict[str, FieldValue] = {"signature": layout.field("signature").constant, "panel_maker": maker}
        if not blank:
            values |= {
                "display_serial": self.serial("".join(c for c in maker.upper() if c in _ALPHABET)[:2]),
                "cover_code": cover or self.code(),
                **self._calibration(white),
            }
        return encode(layout, values)

    def _calibration(self, white: list[float]) -> Mapping[str, FieldValue]:
        gain = tuple((1.0 if i % 4 == 0 else 0.0) + self.rng.uniform(-0.02, 0.02) for i in range(9))
        tone = tuple(round(65535 * (i / 16) ** 2.2) for i in range(17))
        levels = (1, 10, 50, 200, 500, 1000, 5000, 20000)
        bright: list[int] = []
        for lux in levels:
            bright += [lux, min(1000, round(4 + 30 * lux**0.42))]
        measured = tuple(value + self.rng.uniform(-0.0004, 0.0004) for value in white)  # a factory measures, too
        return {"white_point": measured, "gain_matrix": gain, "tone_curve": tone, "brightness_curve": tuple(bright)}

    def panel(
        self, model: Model, maker: str, *, limit: int | None, blank: bool = False, shift: float = 0.0, answers: bool = True
    ) -> Panel:
        """Return a panel with a touch chip whose code its cover code mirrors."""
        chip, white = self.code(), self.white(model, shift)
        memory = self.record(model, maker, white, blank=blank, cover=chip)
        return Panel(f"D{self.code(11)}", maker, model.key, memory.hex(), white, limit, 0, answers, chip, own_chip=chip)

    def flex(self, model: Model, board: Mapping[str, str], imei: str, *, sound: bool = True) -> Flex:
        """Return the sensor flex that a phone left the factory with."""
        layout = model.layout(PartKind.SENSOR_FLEX)
        values: dict[str, FieldValue] = {"signature": layout.field("signature").constant}
        values |= {key: board[key] for key in ("flex_id", "ambient_code")}
        values["ambient_gains"] = tuple(self.rng.randrange(800, 1200) for _ in range(8))
        return Flex(f"F{imei}", model.key, encode(layout, values).hex(), sound)

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
