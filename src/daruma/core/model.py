"""A phone model as the computation needs it; the catalogue fills it from files."""

from enum import Enum

from msgspec import Struct

from daruma.core.closing import ClosingSpec
from daruma.core.display import DisplaySpec
from daruma.core.folding import FoldSpec
from daruma.core.language import tr
from daruma.core.parts import Function, Identity, PartKind, Version
from daruma.core.power.signature import BootSignature
from daruma.core.records import Layout


class FinishRule(Enum):
    """Say what a display must be for the phone's own finishing to accept it."""

    NONE = "none"
    WHOLE_GENUINE = "whole_genuine"
    GENUINE_CHIP = "genuine_chip"


class Era(Struct, frozen=True):
    """Hold what one span of system versions checks for the display notice, which kinds of parts the phone finishes, which of them
    can be locked to an account.
    """

    name: str
    since: Version
    notice_checks: tuple[Identity, ...]
    finishing: FinishRule
    finishes: tuple[PartKind, ...] = ()
    lockable: tuple[PartKind, ...] = ()


class WhitePath(Struct, frozen=True):
    """Hold how a model's white should follow the light.

    `native_xy` is the white without any adaptation (CIE 1931 x, y); `degree` the share of the way from it to the
    light's own chromaticity, in u'v'; `limit_uv` the largest allowed shift and `tolerance_uv` the radius that still
    counts as on the path, both as distances in u'v'.
    """

    native_xy: tuple[float, float]
    degree: float
    limit_uv: float
    tolerance_uv: float


class Model(Struct, frozen=True):
    """Hold everything a route depends on for one phone model.

    `face_plate` says that a plate of the face module's shield is in the way of an extension flex, `face_fold` how that is folded.
    `cell_rated` is the battery's rated capacity, mAh, `cell_chemistry` the key of its chemistry; `boot` is what it
    draws from its cable while it starts, `pack_fold` how a new pack's data flex is folded;
    `closing` how it is closed up; `arrived` says which file its data were imported from, empty for the shop's own.
    """

    key: str
    name: str
    makers: tuple[str, ...]
    unreadable_makers: tuple[str, ...]
    takes_other_makers: tuple[str, ...]
    socket: str
    codes_over_cable: bool
    display_notice: bool
    write_limits: tuple[int, ...]
    memory_package: str
    face_module: bool
    finishing_since: Version | None
    ambient_white_needs_front_camera: bool
    reflash_after_camera: bool
    first_system: Version
    last_system: Version
    programmer_firmware: Version
    screen_inches: float
    functions: tuple[Function, ...]
    eras: tuple[Era, ...]
    white: WhitePath
    display: DisplaySpec
    layouts: tuple[Layout, ...]
    unbind_on_phone: tuple[Version, Version] | None = None
    face_plate: bool = False
    face_fold: FoldSpec | None = None
    cell_rated: float = 0.0
    cell_chemistry: str = ""
    boot: BootSignature | None = None
    pack_fold: FoldSpec | None = None
    closing: ClosingSpec | None = None
    arrived: str = ""

    def era(self, system: Version) -> Era:
        """Return the era a system version falls in; the earliest one for older versions."""
        return max((era for era in self.eras if era.since <= system), key=lambda era: era.since, default=self.eras[0])

    def layout(self, kind: PartKind) -> Layout:
        """Return the record layout of a part kind; raise LookupError where the model has none."""
        for layout in self.layouts:
            if layout.part is kind:
                return layout
        raise LookupError(f"{self.name} has no record layout for {kind.value}")


_HOLDERS = {
    "ear": tr("ear"),
    "module": tr("module"),
    "extension": tr("extension"),
    "flex": tr("flex"),
    "battery": tr("battery"),
    "camera": tr("camera"),
    "motor": tr("motor"),
}


def socket_name(key: str) -> str:
    """Return what a place of the programmer is called: holders by their parts, sockets by their own marks."""
    return _HOLDERS.get(key, key)
