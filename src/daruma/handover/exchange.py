"""Exchange files: a backup as open JSON with a published schema, its image as Intel HEX and raw binary."""

import hashlib
import io
import json
from pathlib import Path
from typing import Annotated, Literal

from intelhex import IntelHex
from pydantic import BaseModel, ConfigDict, Field, ValidationError

from daruma.catalogue.reading import read_bounded
from daruma.core.backup import Backup, BackupContent, Origin
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.plain import plain
from daruma.store.files import write_whole

FORMAT = "daruma-backup"
LARGEST = 400_000  # bytes; a backup has a few thousand
_Text = Annotated[str, Field(max_length=200)]


class ExchangeTrouble(Trouble):
    """Report an exchange file that cannot be used."""


class FieldEntry(BaseModel):
    """One field as read for the eye; the image is what counts."""

    model_config = ConfigDict(extra="forbid")
    name: _Text
    value: Annotated[str, Field(max_length=2000)]


class BackupFile(BaseModel):
    """A backup of one part's data. `sha256` covers everything else, see docs/formats.md."""

    model_config = ConfigDict(extra="forbid", title="Daruma backup, version 1")
    format: Literal["daruma-backup"]
    version: Literal[1]
    model: _Text
    layout: _Text
    part_kind: _Text
    die: _Text
    chip: _Text
    maker: _Text
    imei: _Text
    job: _Text
    taken: _Text
    programmer: _Text
    firmware: _Text
    origin: Origin
    note: _Text = ""
    fields: Annotated[list[FieldEntry], Field(max_length=200)]
    image: Annotated[str, Field(pattern=r"^([0-9a-f]{2})*$", max_length=131072, description="memory image in hexadecimal")]
    sha256: Annotated[str, Field(pattern=r"^[0-9a-f]{64}$")]


def schema() -> str:
    """Return the JSON Schema of backup files."""
    return json.dumps(BackupFile.model_json_schema(), indent=2) + "\n"


def to_json(backup: Backup) -> str:
    """Return a backup as an exchange file."""
    content = backup.content
    plain = {name: getattr(content, name) for name in BackupFile.model_fields if hasattr(content, name)}
    plain |= {"format": FORMAT, "version": 1, "sha256": backup.sha256, "image": content.image.hex()}
    plain["fields"] = [{"name": name, "value": value} for name, value in content.fields]
    return BackupFile.model_validate(plain).model_dump_json(indent=2) + "\n"


def from_json(raw: bytes, name: str) -> BackupContent:
    """Read an exchange file; raise ExchangeTrouble where it is foreign, damaged or changed."""
    safe = tr("The vault is unchanged.")
    if len(raw) > LARGEST:
        raise ExchangeTrouble(
            tr("{name} is larger than a backup can be.", name=name), safe=safe, advice=tr("Choose a backup file.")
        )
    try:
        file = BackupFile.model_validate_json(raw)
    except ValidationError as error:
        first = error.errors()[0]
        where = ".".join(str(part) for part in first["loc"]) or tr("the file")
        raise ExchangeTrouble(
            tr("{name} is not a backup file: {where}: {first}.", name=name, where=where, first=first["msg"]),
            safe=safe,
            advice=tr("Ask for the file as it was exported."),
        ) from error
    content = BackupContent(
        **file.model_dump(exclude={"format", "version", "sha256", "fields", "image"}),
        fields=tuple((entry.name, entry.value) for entry in file.fields),
        image=bytes.fromhex(file.image),
    )
    if content.sha256() != file.sha256:
        raise ExchangeTrouble(
            tr("{name} was changed after it was exported: its SHA-256 does not fit.", name=name),
            safe=safe,
            advice=tr("Ask for the file again."),
        )
    return content


def to_intel_hex(backup: Backup) -> str:
    """Return the image as Intel HEX from address 0."""
    image = IntelHex()
    image.frombytes(backup.content.image)
    text = io.StringIO()
    image.write_hex_file(text)
    return text.getvalue()


def export(backup: Backup, folder: Path) -> tuple[Path, ...]:
    """Write a backup as JSON, Intel HEX and raw binary into a folder, with the checksums of all three; return the files.

    The checksums are in the form that `sha256sum -c` reads.
    """
    stem = f"{backup.name}-{backup.sha256[:8]}"
    files = {
        f"{stem}.json": to_json(backup).encode(),
        f"{stem}.hex": to_intel_hex(backup).encode("ascii"),
        f"{stem}.bin": backup.content.image,
    }
    sums = "".join(f"{hashlib.sha256(data).hexdigest()}  {name}\n" for name, data in files.items())
    try:
        folder.mkdir(parents=True, exist_ok=True)
        for name, data in {**files, f"{stem}.sha256": sums.encode()}.items():
            write_whole(folder / name, data)
    except OSError as error:
        raise ExchangeTrouble(
            tr("The backup could not be written to {folder}: {strerror}.", folder=folder, strerror=error.strerror),
            safe=tr("It stays in the vault."),
            advice=tr("Choose another folder."),
        ) from error
    return tuple(folder / name for name in (*files, f"{stem}.sha256"))


def read_file(path: Path) -> BackupContent:
    """Read an exchange file from disk; raise ExchangeTrouble where it cannot be used.

    Where its checksums lie beside it as they were exported, not a byte may differ.
    """
    raw = _bytes_of(path, LARGEST + 1)
    sums = path.with_suffix(".sha256")
    if sums.exists() and len(raw) <= LARGEST:
        said = {name: digest for digest, _, name in (line.partition("  ") for line in _text_of(sums).splitlines())}
        if path.name in said and hashlib.sha256(raw).hexdigest() != said[path.name]:
            raise ExchangeTrouble(
                tr("{path} was changed after it was exported: it does not fit {sums}.", path=path.name, sums=sums.name),
                safe=tr("The vault is unchanged."),
                advice=tr("Ask for the files again."),
            )
    return from_json(raw, path.name)


def arrived(path: Path, when: str) -> str:
    """Return what is kept of the arrival of something that was imported from a file."""
    return plain(", ".join(filter(None, (path.name[:60], when[:10]))))


def _text_of(path: Path) -> str:
    return _bytes_of(path, 4096).decode("utf-8", errors="replace")


def _bytes_of(path: Path, most: int) -> bytes:
    try:
        return read_bounded(path, most - 1)
    except OSError as error:
        raise ExchangeTrouble(
            tr("{path} cannot be read: {strerror}.", path=path.name, strerror=error.strerror),
            safe=tr("The vault is unchanged."),
            advice=tr("Choose another file."),
        ) from error
