"""What light the phone's screen gives."""

from collections.abc import Mapping
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import XYZ, uv_to_xy, xyz_to_uv
from daruma.core.colour.follow import target_white
from daruma.core.display import calibration_of, wanted_luminance
from daruma.core.model import Model
from daruma.core.pairing import evaluate
from daruma.core.parts import Function
from daruma.core.tri import Tri
from daruma.standin.errors import No
from daruma.standin.facts import facts
from daruma.standin.glass import boost_of, codes_of, light_of, plain_glass
from daruma.standin.kinds.display.panel import Panel, record_of
from daruma.standin.kinds.sensor_flex import ambient_of
from daruma.standin.world import Phone, World

FIXED_LUMINANCE = 320.0  # cd/m2, where the phone does not follow the room
DARK = 0.5  # lux below which the phone keeps its own white


def show_field(_: World, phone: Phone, __: Model, ___: Catalogue, args: Mapping[str, Any]) -> dict[str, Any]:
    """Let the phone show a test field, or its own page again."""
    codes = args.get("rgb")
    if codes is not None and not (len(codes) == 3 and all(0 <= float(code) <= 1 for code in codes)):
        raise No("range")
    phone.shows = [float(code) for code in codes] if codes is not None else None
    return {}


def screen_light(world: World, phone: Phone, model: Model, catalogue: Catalogue) -> XYZ:
    """Return XYZ (cd/m2) of what the screen shows in the light of the box: a test field, or the phone's white page.

    The phone drives the panel by its record; what the eye sees is what the glass makes of the codes.
    """
    panel = world.fitted(phone, Panel)
    if panel is None:
        return (0.0, 0.0, 0.0)
    spec, record = model.display, record_of(panel, model)
    glass = panel.glass or plain_glass(spec)
    if phone.shows is not None:
        red, green, blue = phone.shows
        return light_of(glass, panel.white_xy, (red, green, blue), spec.test_luminance)
    known = facts(world, phone, model)
    seen = ambient_of(world, phone, model, catalogue)
    lit = seen is not None and seen.xyz[1] > DARK
    aim = model.white.native_xy
    if seen is not None and lit and evaluate(known, Function.AMBIENT_WHITE).holds is Tri.YES:
        aim = uv_to_xy(target_white(model.white, xyz_to_uv(seen.xyz)))
    calibration = calibration_of(record) if record is not None else None
    luminance = FIXED_LUMINANCE
    if calibration is not None and evaluate(known, Function.AUTO_BRIGHTNESS).holds is Tri.YES:
        luminance = wanted_luminance(calibration.brightness, seen.xyz[1] if seen is not None else 0.0)
    return light_of(glass, panel.white_xy, codes_of(record, spec, aim), luminance * boost_of(record, spec, aim))
