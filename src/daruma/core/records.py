"""Records: a part's memory image read as fields by a declared layout, and put together again."""

from collections.abc import Iterable, Mapping
from enum import Enum
from types import MappingProxyType
from typing import Literal

from fastcrc import crc8, crc16, crc32
from msgspec import Struct

from daruma.core.errors import RecordError
from daruma.core.language import inner, tr
from daruma.core.parts import Identity, PartKind
from daruma.core.sbs import Meaning, said

BLANK = 0xFF
FieldValue = str | int | float | tuple[int, ...] | tuple[float, ...] | None
ByteOrder = Literal["big", "little"]

CHECKSUMS = {
    "crc-8/smbus": (1, crc8.smbus),
    "crc-16/ibm-3740": (2, crc16.ibm_3740),
    "crc-16/xmodem": (2, crc16.xmodem),
    "crc-16/modbus": (2, crc16.modbus),
    "crc-32/iso-hdlc": (4, crc32.iso_hdlc),
}


BLANK_SAID = tr("blank")  # what is said of a field that carries nothing


class Encoding(Enum):
    """Say how a field's bytes are read."""

    ASCII = "ascii"
    HEX = "hex"
    UINT = "uint"
    FIXED = "fixed"
    PACKED_DATE = "packed-date"


class FieldRole(Enum):
    """Say what a field is for, and so who decides its value when a record is put together; a frame is not shown."""

    FORMAT = "format"
    FRAME = "frame"
    IDENTITY = "identity"
    CALIBRATION = "calibration"


class FieldSpec(Struct, frozen=True):
    """Declare one field: where it lies, how it is read, what it means.

    `length` is the field's bytes in all; `count` elements share them. FIXED values are two's complement (when
    `signed`) integers divided by 2**`fraction_bits`. PACKED_DATE is that of the Smart Battery Data Specification 1.1: day in
    bits 4 to 0, month in bits 8 to 5, years since 1980 in bits 15 to 9.
    """

    name: str
    label: str
    offset: int
    length: int
    encoding: Encoding
    role: FieldRole
    byte_order: ByteOrder = "big"
    count: int = 1
    fraction_bits: int = 0
    signed: bool = False
    constant: str | None = None
    identity: Identity | None = None
    unit: str = ""
    meaning: Meaning | None = None

    @property
    def end(self) -> int:
        """Return the offset behind the field's last byte."""
        return self.offset + self.length


class ChecksumSpec(Struct, frozen=True):
    """Declare a checksum over image[start:stop], stored at `offset`."""

    name: str
    offset: int
    algorithm: str
    start: int
    stop: int
    byte_order: ByteOrder = "big"

    @property
    def length(self) -> int:
        """Return the number of stored bytes."""
        return CHECKSUMS[self.algorithm][0]

    def compute(self, image: bytes) -> bytes:
        """Return the checksum bytes that the image should carry."""
        width, function = CHECKSUMS[self.algorithm]
        return function(bytes(image[self.start : self.stop])).to_bytes(width, self.byte_order)


class Layout(Struct, frozen=True):
    """Declare the memory of one part kind of one model."""

    name: str
    model: str
    part: PartKind
    size: int
    fields: tuple[FieldSpec, ...]
    checksums: tuple[ChecksumSpec, ...]

    def field(self, name: str) -> FieldSpec:
        """Return a field by name; raise LookupError where there is none."""
        for spec in self.fields:
            if spec.name == name:
                return spec
        raise LookupError(f"layout {self.name} has no field {name}")

    def checksum_of(self, spec: FieldSpec) -> ChecksumSpec | None:
        """Return the checksum that covers a field."""
        for checksum in self.checksums:
            if checksum.start <= spec.offset and spec.end <= checksum.stop:
                return checksum
        return None


class Record(Struct, frozen=True):
    """Hold one part's data: the memory image and the fields read from it.

    A blank field (all bytes 0xFF) has the value None. `damaged` names the checksums that do not fit a block that is
    not blank.
    """

    layout: Layout
    image: bytes
    values: Mapping[str, FieldValue]
    damaged: tuple[str, ...]

    @property
    def intact(self) -> bool:
        """Return whether no checksum is wrong."""
        return not self.damaged

    def identity(self, identity: Identity) -> str | None:
        """Return the value carried for an identity, or None where the field is blank or damaged."""
        for spec in self.layout.fields:
            if spec.identity is identity:
                value = self.values[spec.name]
                return str(value) if value is not None and self.sound(spec.name) else None
        return None

    def sound(self, name: str) -> bool:
        """Return whether a field is filled and its checksum fits."""
        spec = self.layout.field(name)
        checksum = self.layout.checksum_of(spec)
        return self.values[name] is not None and (checksum is None or checksum.name not in self.damaged)

    def complete(self, role: FieldRole) -> bool:
        """Return whether every field of a role is sound."""
        return all(self.sound(spec.name) for spec in self.layout.fields if spec.role is role)


def decode(layout: Layout, image: bytes, *, loose: bool = False) -> Record:
    """Read an image by a layout; raise RecordError for a wrong size or another layout's signature.

    With `loose` a signature that does not fit counts as blank: for a part that is known to be of this layout and whose
    memory a cut-off write may have spoilt.
    """
    if len(image) != layout.size:
        raise RecordError(
            tr(
                "The part gave {count_image} bytes, a {layout} record has {size}.",
                count_image=len(image),
                layout=layout.name,
                size=layout.size,
            ),
            safe=tr("Nothing was changed."),
            advice=tr("Seat the part again and read once more."),
        )
    values: dict[str, FieldValue] = {}
    for spec in layout.fields:
        values[spec.name] = _read(spec, image[spec.offset : spec.end])
        if spec.constant is not None and values[spec.name] not in (None, spec.constant):
            if loose:
                values[spec.name] = None
                continue
            raise RecordError(
                tr(
                    "This is not a {layout} record: {label} reads {values!r}, not {constant!r}.",
                    layout=layout.name,
                    label=inner(spec.label),
                    values=values[spec.name],
                    constant=spec.constant,
                ),
                safe=tr("Nothing was changed."),
                advice=tr("Check the model in the ticket: some models share a socket, their records differ."),
            )
    damaged = tuple(c.name for c in layout.checksums if not _blank(image[c.start : c.stop]) and not _fits(c, image))
    return Record(layout, bytes(image), MappingProxyType(values), damaged)


def encode(layout: Layout, values: Mapping[str, FieldValue], base: bytes | None = None) -> bytes:
    """Return the image that carries `values`, on top of `base` (blank where not given), checksums renewed.

    Raises RecordError where a value does not fit its field.
    """
    image = bytearray(base if base is not None else bytes([BLANK]) * layout.size)
    for spec in layout.fields:
        if spec.name in values:
            image[spec.offset : spec.end] = _write(spec, values[spec.name])
    for checksum in layout.checksums:
        if not _blank(image[checksum.start : checksum.stop]):
            image[checksum.offset : checksum.offset + checksum.length] = checksum.compute(bytes(image))
    return bytes(image)


def compose(target: Record, source: Record, names: Iterable[str]) -> bytes:
    """Return the target's image with the named fields taken from the source, byte for byte.

    Both records must have the same layout; raises RecordError otherwise.
    """
    if target.layout.name != source.layout.name:
        raise RecordError(
            tr("A {layout} record does not fit a {layout_2} part.", layout=source.layout.name, layout_2=target.layout.name),
            safe=tr("Nothing was changed."),
            advice=tr("Choose a backup of the same model."),
        )
    image = bytearray(target.image)
    for name in names:
        spec = target.layout.field(name)
        image[spec.offset : spec.end] = source.image[spec.offset : spec.end]
    return encode(target.layout, {}, bytes(image))


def fields_to_write(target: Record, source: Record) -> tuple[str, ...]:
    """Return the fields that must come from the source for the target to serve in the source's place.

    Identities always; a calibration block only where the panel's own is blank or damaged, since its own describes the
    panel that will be looked at; format fields where blank, and with a calibration: they say whose panel it is of.
    """
    own_calibration = target.complete(FieldRole.CALIBRATION)
    chosen = []
    for spec in target.layout.fields:
        if source.values[spec.name] is None:
            continue
        match spec.role:
            case FieldRole.IDENTITY:
                chosen.append(spec.name)
            case FieldRole.CALIBRATION if not own_calibration:
                chosen.append(spec.name)
            case FieldRole.FORMAT if target.values[spec.name] is None or not own_calibration:
                chosen.append(spec.name)
    return tuple(chosen)


def recognise(layouts: Iterable[Layout], image: bytes) -> tuple[Layout, ...]:
    """Return the layouts whose signature the image really carries."""
    found = []
    for layout in layouts:
        signed = [spec for spec in layout.fields if spec.constant is not None]
        if (
            len(image) == layout.size
            and signed
            and all(_read(spec, image[spec.offset : spec.end]) == spec.constant for spec in signed)
        ):
            found.append(layout)
    return tuple(found)


def shown(spec: FieldSpec, value: FieldValue) -> str:
    """Return a field's value as text for the eye."""
    if value is None:
        return BLANK_SAID
    if spec.meaning is not None and isinstance(value, int):
        return said(spec.meaning, value)
    if isinstance(value, tuple):
        return "  ".join(f"{item:.4f}" if isinstance(item, float) else str(item) for item in value)
    if isinstance(value, float):
        return f"{value:.4f}{' ' + spec.unit if spec.unit else ''}"
    return f"{value}{' ' + spec.unit if spec.unit else ''}"


def shown_in(record: Record, spec: FieldSpec) -> str:
    """Return a field of a record as text for the eye; capacities are in the unit that the record's battery mode says."""
    value = record.values[spec.name]
    if spec.meaning is Meaning.CAPACITY and isinstance(value, int):
        modes = (each.name for each in record.layout.fields if each.meaning is Meaning.MODE)
        mode = next((record.values[name] for name in modes), None)
        return said(Meaning.CAPACITY, value, mode if isinstance(mode, int) else 0)
    return shown(spec, value)


def _blank(raw: bytes | bytearray) -> bool:
    return all(byte == BLANK for byte in raw)


def _fits(checksum: ChecksumSpec, image: bytes) -> bool:
    return image[checksum.offset : checksum.offset + checksum.length] == checksum.compute(image)


def _read(spec: FieldSpec, raw: bytes) -> FieldValue:
    if _blank(raw):
        return None
    match spec.encoding:
        case Encoding.ASCII:
            return raw.rstrip(b"\x00 ").decode("ascii", errors="replace")
        case Encoding.HEX:
            return raw.hex().upper()
        case Encoding.UINT:
            return _scalar_or_tuple(spec, _integers(spec, raw))
        case Encoding.FIXED:
            scale = 1 << spec.fraction_bits
            numbers = tuple(item / scale for item in _integers(spec, raw))
            return numbers[0] if spec.count == 1 else numbers
        case Encoding.PACKED_DATE:
            (word,) = _integers(spec, raw)
            return f"{1980 + (word >> 9):04d}-{word >> 5 & 15:02d}-{word & 31:02d}"


def _scalar_or_tuple(spec: FieldSpec, items: tuple[int, ...]) -> int | tuple[int, ...]:
    return items[0] if spec.count == 1 else items


def _integers(spec: FieldSpec, raw: bytes) -> tuple[int, ...]:
    width = spec.length // spec.count
    return tuple(int.from_bytes(raw[i * width : (i + 1) * width], spec.byte_order, signed=spec.signed) for i in range(spec.count))


def _write(spec: FieldSpec, value: FieldValue) -> bytes:
    if value is None:
        return bytes([BLANK]) * spec.length
    try:
        raw = _pack(spec, value)
    except (ValueError, OverflowError, TypeError, UnicodeEncodeError) as error:
        raise RecordError(
            tr("{label}: {value!r} does not fit the field ({error}).", label=spec.label, value=value, error=error),
            safe=tr("Nothing was written."),
        ) from error
    if len(raw) != spec.length:
        raise RecordError(
            tr(
                "{label}: {value!r} needs {count_raw} bytes, the field has {length}.",
                label=spec.label,
                value=value,
                count_raw=len(raw),
                length=spec.length,
            ),
            safe=tr("Nothing was written."),
        )
    return raw


def _pack(spec: FieldSpec, value: FieldValue) -> bytes:
    match spec.encoding:
        case Encoding.ASCII:
            return str(value).encode("ascii").ljust(spec.length, b"\x00")
        case Encoding.HEX:
            return bytes.fromhex(str(value))
        case Encoding.PACKED_DATE:
            year, month, day = map(int, str(value).split("-"))
            if not (1980 <= year < 2108 and 0 <= month < 16 and 0 <= day < 32):
                raise ValueError("years are 1980 to 2107")
            return (year - 1980 << 9 | month << 5 | day).to_bytes(spec.length, spec.byte_order)
        case Encoding.UINT | Encoding.FIXED:
            items = value if isinstance(value, tuple) else (value,)
            if len(items) != spec.count:
                raise ValueError(f"{spec.count} numbers are needed")
            scale = 1 << spec.fraction_bits if spec.encoding is Encoding.FIXED else 1
            width = spec.length // spec.count
            return b"".join(
                round(float(item or 0) * scale).to_bytes(width, spec.byte_order, signed=spec.signed) for item in items
            )
