"""The shape of catalogue files, checked by pydantic."""

from typing import Annotated, Literal

from pydantic import AfterValidator, BaseModel, ConfigDict, Field, field_validator, model_validator

from daruma.core.closing import ClosingSpec, Screw, faults_of
from daruma.core.folding import FoldSpec, KeepOut, refusals
from daruma.core.language import tr
from daruma.core.model import FinishRule
from daruma.core.parts import Function, Identity, PartKind, Version
from daruma.core.plan.actions import Heat
from daruma.core.power.signature import BootSignature
from daruma.core.records import CHECKSUMS, Encoding, FieldRole
from daruma.core.sbs import Meaning

Name = Annotated[str, Field(min_length=1, max_length=60)]
Label = Annotated[Name, AfterValidator(tr)]  # what is said in the user's language
Words = Annotated[str, AfterValidator(tr)]
Key = Annotated[str, Field(pattern=r"^[a-z][a-z0-9_]{0,39}$")]
VersionText = Annotated[str, Field(pattern=r"^[0-9]{1,3}(\.[0-9]{1,3})?$")]


class Strict(BaseModel):
    """Refuse unknown keys: a mistyped key must not pass in silence."""

    model_config = ConfigDict(extra="forbid", frozen=True)


class FieldFile(Strict):
    """Declare one field of a layout."""

    name: Key
    label: Label
    offset: Annotated[int, Field(ge=0, lt=65536)]
    length: Annotated[int, Field(ge=1, le=4096)]
    encoding: Encoding
    role: FieldRole
    byte_order: Literal["big", "little"] = "big"
    count: Annotated[int, Field(ge=1, le=1024)] = 1
    fraction_bits: Annotated[int, Field(ge=0, le=31)] = 0
    signed: bool = False
    constant: str | None = None
    identity: Identity | None = None
    unit: Annotated[str, Field(max_length=12)] = ""
    meaning: Meaning | None = None

    @model_validator(mode="after")
    def elements_share_the_bytes(self) -> "FieldFile":
        """Refuse a length that its elements cannot share."""
        if self.length % self.count:
            raise ValueError(tr("{length} bytes cannot be shared by {count} elements", length=self.length, count=self.count))
        return self


class ChecksumFile(Strict):
    """Declare one checksum of a layout."""

    name: Key
    offset: Annotated[int, Field(ge=0, lt=65536)]
    algorithm: str
    start: Annotated[int, Field(ge=0, lt=65536)]
    stop: Annotated[int, Field(ge=1, le=65536)]
    byte_order: Literal["big", "little"] = "big"

    @field_validator("algorithm")
    @classmethod
    def known(cls, value: str) -> str:
        """Refuse an unknown algorithm."""
        if value not in CHECKSUMS:
            raise ValueError(tr("unknown algorithm; known are {known}", known=", ".join(CHECKSUMS)))
        return value


class LayoutFile(Strict):
    """Declare the memory of one part kind."""

    name: Key
    part: PartKind
    size: Annotated[int, Field(ge=8, le=65536)]
    fields: Annotated[tuple[FieldFile, ...], Field(min_length=1, max_length=200)]
    checksums: Annotated[tuple[ChecksumFile, ...], Field(max_length=50)] = ()

    @model_validator(mode="after")
    def nothing_overlaps(self) -> "LayoutFile":
        """Refuse fields outside the memory, overlapping fields and double names."""
        spans: list[tuple[int, int, str]] = [(f.offset, f.offset + f.length, f.name) for f in self.fields]
        spans += [(c.offset, c.offset + CHECKSUMS[c.algorithm][0], c.name) for c in self.checksums]
        names = [name for *_, name in spans]
        if len(set(names)) != len(names):
            raise ValueError(tr("a name stands twice: {names}", names=sorted(n for n in names if names.count(n) > 1)[0]))
        end, before = 0, ""
        for start, stop, name in sorted(spans):
            if stop > self.size:
                raise ValueError(tr("{name} ends at {stop}, the memory at {size}", name=name, stop=stop, size=self.size))
            if start < end:
                raise ValueError(tr("{name} overlaps {before}", name=name, before=before))
            end, before = stop, name
        for checksum in self.checksums:
            if not checksum.start < checksum.stop <= self.size:
                raise ValueError(
                    tr(
                        "{checksum} covers {start} to {stop}, the memory has {size}",
                        checksum=checksum.name,
                        start=checksum.start,
                        stop=checksum.stop,
                        size=self.size,
                    )
                )
            if checksum.start < checksum.offset + CHECKSUMS[checksum.algorithm][0] and checksum.offset < checksum.stop:
                raise ValueError(tr("{checksum} covers itself", checksum=checksum.name))
        return self


class WhiteFile(Strict):
    """Declare how the white should follow the light."""

    native_xy: tuple[Annotated[float, Field(gt=0.1, lt=0.6)], Annotated[float, Field(gt=0.1, lt=0.6)]]
    degree: Annotated[float, Field(gt=0, le=1)]
    limit_uv: Annotated[float, Field(gt=0, le=0.2)]
    tolerance_uv: Annotated[float, Field(gt=0, le=0.05)]


Chromaticity = tuple[Annotated[float, Field(gt=0, lt=0.8)], Annotated[float, Field(gt=0, lt=0.9)]]
Level = tuple[Annotated[float, Field(gt=0, le=200_000)], Annotated[float, Field(gt=0, le=10_000)]]


class DisplayFile(Strict):
    """Declare how the display is driven and how bright it should be."""

    primaries_xy: tuple[Chromaticity, Chromaticity, Chromaticity]
    gamma: Annotated[float, Field(ge=1, le=4)]
    brightness: Annotated[tuple[Level, ...], Field(min_length=5, max_length=64)]
    brightness_tolerance: Annotated[float, Field(gt=0, le=1)]
    test_luminance: Annotated[float, Field(gt=0, le=10_000)]

    @model_validator(mode="after")
    def brightness_rises(self) -> "DisplayFile":
        """Refuse a brightness that does not rise with the room's light."""
        pairs = list(zip(self.brightness, self.brightness[1:], strict=False))
        if any(after[0] <= before[0] or after[1] < before[1] for before, after in pairs):
            raise ValueError(tr("brightness must rise with the illuminance"))
        return self


Millimetres = Annotated[float, Field(gt=-200, lt=200)]


class KeepOutFile(Strict):
    """Declare a box that a folded flex must keep clear of: x, y, width, height in mm."""

    name: Name
    box: tuple[Millimetres, Millimetres, Annotated[float, Field(gt=0, lt=200)], Annotated[float, Field(gt=0, lt=200)]]


class FoldFile(Strict):
    """Declare how a flex is folded: the extension of the face module, the data flex of a battery pack."""

    segments: Annotated[tuple[Annotated[float, Field(gt=0, lt=200)], ...], Field(min_length=1, max_length=20)]
    folds: Annotated[tuple[int, ...], Field(max_length=19)]
    end: tuple[Millimetres, Millimetres]
    heading: Annotated[int, Field(ge=0, lt=360)]
    gap: Annotated[float, Field(gt=0, lt=50)]
    keep_outs: Annotated[tuple[KeepOutFile, ...], Field(max_length=20)] = ()

    @model_validator(mode="after")
    def can_be_folded(self) -> "FoldFile":
        """Refuse folds that end wrong, collide or stack too high."""
        found = refusals(self.spec, self.folds)
        if found:
            raise ValueError("; ".join(found))
        return self

    @property
    def spec(self) -> FoldSpec:
        """Return it as the core has it."""
        boxes = tuple(KeepOut(each.name, *each.box) for each in self.keep_outs)
        return FoldSpec(self.segments, self.folds, self.end, self.heading, self.gap, keep_outs=boxes)


class ScrewFile(Strict):
    """Declare a screw and its own hole: mm from the upper left corner of the opened phone."""

    x: Annotated[float, Field(gt=0, lt=400)]
    y: Annotated[float, Field(gt=0, lt=400)]
    length: Annotated[float, Field(gt=0, lt=20)]
    head: Name
    holds: Name


class ClosingFile(Strict):
    """Declare how a model is closed up."""

    size: tuple[Annotated[float, Field(gt=20, lt=400)], Annotated[float, Field(gt=20, lt=400)]]
    connectors: Annotated[tuple[Name, ...], Field(min_length=1, max_length=20)]
    screws: Annotated[tuple[ScrewFile, ...], Field(max_length=100)]

    @model_validator(mode="after")
    def can_be_closed(self) -> "ClosingFile":
        """Refuse screws outside the phone, two in one hole, and a battery that is not connected last."""
        found = faults_of(self.spec)
        if found:
            raise ValueError("; ".join(found))
        return self

    @property
    def spec(self) -> ClosingSpec:
        """Return it as the core has it."""
        return ClosingSpec(self.size, self.connectors, tuple(Screw(**screw.model_dump()) for screw in self.screws))


class BootFile(Strict):
    """Declare what a model draws from 5 V while it starts: corners in seconds after the start and amperes."""

    corners: Annotated[
        tuple[tuple[Annotated[float, Field(ge=0, le=300)], Annotated[float, Field(ge=0, le=6)]], ...],
        Field(min_length=3, max_length=100),
    ]
    settle: Annotated[float, Field(ge=3, le=60)]

    @field_validator("corners")
    @classmethod
    def times_rise(cls, corners: tuple[tuple[float, float], ...]) -> tuple[tuple[float, float], ...]:
        """Refuse corners that go back in time, and a start that never changes."""
        times, amperes = zip(*corners, strict=True)
        if list(times) != sorted(set(times)):
            raise ValueError(tr("the corners' times do not rise"))
        if max(amperes) - min(amperes) < 0.05:
            raise ValueError(tr("the corners hardly differ in amperes: a start cannot be told by them"))
        return corners

    @property
    def spec(self) -> BootSignature:
        """Return it as the core has it."""
        return BootSignature(self.corners, self.settle)


class ModelFile(Strict):
    """Declare one phone model."""

    key: Key
    name: Name
    makers: Annotated[tuple[Name, ...], Field(min_length=1)]
    unreadable_makers: tuple[Name, ...] = ()
    takes_other_makers: tuple[Name, ...] = ()
    socket: Key
    codes_over_cable: bool
    display_notice: bool = True
    write_limits: tuple[Annotated[int, Field(ge=1, le=100)], ...] = ()
    memory_package: Name
    face_module: bool
    face_plate: bool = False
    face_fold: FoldFile | None = None
    pack_fold: FoldFile | None = None
    cell_rated: Annotated[float, Field(ge=0, le=50_000)] = 0.0
    cell_chemistry: Annotated[str, Field(max_length=40)] = ""
    boot: BootFile | None = None
    closing: ClosingFile | None = None
    finishing_since: VersionText | None = None
    ambient_white_needs_front_camera: bool = False
    reflash_after_camera: bool = False
    first_system: VersionText
    last_system: VersionText
    programmer_firmware: VersionText
    screen_inches: Annotated[float, Field(gt=2, lt=12)]
    functions: Annotated[tuple[Function, ...], Field(min_length=1)]
    white: WhiteFile
    display: DisplayFile
    layouts: Annotated[tuple[LayoutFile, ...], Field(min_length=1)]
    arrived: Annotated[str, Field(max_length=120)] = ""

    @model_validator(mode="after")
    def versions_in_order(self) -> "ModelFile":
        """Refuse a last version before the first."""
        if Version.parse(self.last_system) < Version.parse(self.first_system):
            raise ValueError(
                tr(
                    "last_system {last_system} is before first_system {first_system}",
                    last_system=self.last_system,
                    first_system=self.first_system,
                )
            )
        return self


class EraFile(Strict):
    """Declare one era of the system software."""

    name: Key
    since: VersionText
    notice_checks: Annotated[tuple[Identity, ...], Field(min_length=1)]
    finishing: FinishRule
    finishes: tuple[PartKind, ...] = ()
    lockable: tuple[PartKind, ...] = ()

    @model_validator(mode="after")
    def finishing_agrees(self) -> "EraFile":
        """Refuse a rule for displays where none is finished, and the other way round."""
        if (self.finishing is FinishRule.NONE) is (PartKind.DISPLAY in self.finishes):
            raise ValueError(tr("{name}: a display is finished just where its rule says how", name=self.name))
        return self


class ChannelFile(Strict):
    """Declare one channel of the ambient sensor: a Gaussian responsivity, peak and full width at half maximum in nm."""

    peak: Annotated[float, Field(ge=300, le=1100)]
    width: Annotated[float, Field(ge=5, le=400)]


class SystemFile(Strict):
    """Declare the system software: the labels of functions, the eras, the versions that can be unbound on the phone."""

    name: Name
    unbind_on_phone: tuple[VersionText, VersionText]
    ambient_channels: Annotated[tuple[ChannelFile, ...], Field(min_length=3, max_length=32)]
    function_labels: dict[Function, Label]
    function_meaning: dict[Function, Label]
    eras: Annotated[tuple[EraFile, ...], Field(min_length=1)]


class ActionFile(Strict):
    """Declare an action's words and numbers."""

    title: Label
    attended: Annotated[float, Field(ge=0, le=600)]
    waiting: Annotated[float, Field(ge=0, le=600)] = 0.0
    cost: Annotated[float, Field(ge=0)] = 0.0
    chance: Annotated[float, Field(ge=0, le=1)] = 1.0
    tries: Annotated[int, Field(ge=1, le=9)] = 1
    heat: Heat = Heat.NONE
    solder: bool = False
    writes: Annotated[int, Field(ge=0, le=10)] = 0
    irreversible: bool = False
    on_failure: Words = tr("nothing is lost")
    how: tuple[Words, ...] = ()
    settings: tuple[Words, ...] = ()
    caution: Words = ""
    origin: Words = tr("catalogue guess")


class ActionsFile(Strict):
    """Declare actions."""

    actions: dict[Key, ActionFile]


class KindFile(ActionsFile):
    """Declare a kind of part: its actions, and its memory where every model has the same."""

    layout: LayoutFile | None = None


class BrandFile(Strict):
    """Declare an aftermarket panel brand."""

    name: Name
    data_before_chip: bool
    note: Words = ""


class BrandsFile(Strict):
    """Declare all brands."""

    brands: dict[Key, BrandFile]


class RuleFile(Strict):
    """Declare that one action comes before another."""

    first: Key
    then: Key
    reason: Annotated[Words, Field(min_length=1, max_length=200)]


class RulesFile(Strict):
    """Declare all rules of order."""

    rules: tuple[RuleFile, ...]
