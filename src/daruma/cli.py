"""The command line: the shop's own data, the demo, the vault."""

import logging
import sys
import tomllib
from pathlib import Path

import click
from platformdirs import PlatformDirs

from daruma import __version__
from daruma.core.errors import Trouble

DIRS = PlatformDirs("daruma", appauthor=False)
DEMO_SHOP = "Lantern Quay Phones, Port Ellery"


def _die(trouble: Trouble) -> None:
    for part in (trouble.what, trouble.safe, trouble.advice):
        if part:
            click.echo(f"daruma: {part}", err=True)
    sys.exit(1)


@click.group(invoke_without_command=True)
@click.version_option(__version__, prog_name="daruma")
@click.option("--data", type=click.Path(path_type=Path, file_okay=False), default=None, help="Data folder of the shop.")
@click.option("-v", "--verbose", is_flag=True, help="Log every exchange with the devices.")
@click.pass_context
def main(context: click.Context, data: Path | None, verbose: bool) -> None:
    """Move, guard and prove the part data of repaired phones.

    Without a command, opens the shop's own data.
    """
    logging.basicConfig(level=logging.DEBUG if verbose else logging.WARNING, format="%(asctime)s %(name)s: %(message)s")
    context.obj = data or Path(DIRS.user_data_dir)
    if context.invoked_subcommand is None:
        sys.exit(_open_shop(context.obj))


def _open_shop(data: Path) -> int:
    from daruma.app import Setup, run

    config = Path(DIRS.user_config_dir)
    wires, name = read_settings(config / "bench.toml")
    return run(Setup(data, name, wires, models=config / "models", cache=Path(DIRS.user_cache_dir)))


def read_settings(path: Path) -> tuple[dict[str, str], str]:
    """Return the wires by device and the shop's name from bench.toml; nothing is set where it is missing."""
    if not path.exists():
        return {}, "your shop"
    try:
        raw = tomllib.loads(path.read_text(encoding="utf-8"))
        wires = {str(kind): str(url) for kind, url in raw.get("wires", {}).items()}
    except (OSError, UnicodeDecodeError, tomllib.TOMLDecodeError, AttributeError) as error:
        _die(Trouble(f"{path} cannot be used: {error}.", safe="Nothing was changed.", advice="Correct the file."))
        raise AssertionError from error
    return wires, str(raw.get("shop", "your shop"))


@main.command()
@click.option("--fresh", is_flag=True, help="Start the demo over.")
@click.option("--folder", type=click.Path(path_type=Path, file_okay=False), default=None, help="Data folder of the demo.")
def demo(fresh: bool, folder: Path | None) -> None:
    """Open the demo: an invented shop with a simulated bench."""
    from daruma.app import Setup, run

    data = folder or Path(DIRS.user_data_dir + "-demo")
    sys.exit(run(Setup(data, DEMO_SHOP, {}, cache=Path(DIRS.user_cache_dir), demo=True, fresh=fresh)))


@main.command()
@click.argument("case", type=click.Path(path_type=Path, dir_okay=False))
@click.option("--json", "as_json", is_flag=True, help="Answer as JSON.")
def plan(case: Path, as_json: bool) -> None:
    """Plan a case file: ways, closed ways, the best next step."""
    import json

    from daruma.catalogue.loader import load_catalogue
    from daruma.core.plan.knowing import worth_knowing
    from daruma.core.plan.planner import make_plan
    from daruma.handover.casefile import answer, case_from, read_case
    from daruma.handover.plantext import plan_text

    try:
        catalogue = load_catalogue(Path(DIRS.user_config_dir) / "models", Path(DIRS.user_cache_dir))
        asked, figures = case_from(read_case(case), catalogue, case.name)
    except Trouble as trouble:
        _die(trouble)
        return
    made, worth = make_plan(asked, figures), worth_knowing(asked, figures)
    if as_json:
        click.echo(json.dumps(answer(asked, made, worth), indent=2))
    else:
        click.echo(plan_text(asked, made, worth, catalogue.function_labels), nl=False)


@main.command("case-schema")
def case_schema() -> None:
    """Print the JSON Schema of case files."""
    from daruma.handover.casefile import schema

    click.echo(schema(), nl=False)


@main.group()
def vault() -> None:
    """Check, list, export and import backups."""


@vault.command("check")
@click.pass_obj
def vault_check(data: Path) -> None:
    """Verify every byte of every backup and the chain."""
    from daruma.store.shop import Shop

    try:
        shop = Shop(data)
        seen, faults = shop.vault.check()
        shop.close()
    except Trouble as trouble:
        _die(trouble)
        return
    for fault in faults:
        click.echo(f"{fault.name}: {fault.what}")
    click.echo(f"{seen} backups checked, {len(faults)} faults.")
    sys.exit(1 if faults else 0)


@vault.command("list")
@click.argument("words", nargs=-1)
@click.pass_obj
def vault_list(data: Path, words: tuple[str, ...]) -> None:
    """List backups whose texts hold every word."""
    from daruma.store.shop import Shop

    try:
        shop = Shop(data)
        for backup in shop.vault.find(" ".join(words)):
            content = backup.content
            click.echo(
                f"{backup.name}  {content.taken[:16]}  {content.model:10} {content.imei:16} {content.die}  {backup.sha256[:12]}"
            )
        shop.close()
    except Trouble as trouble:
        _die(trouble)


@vault.command("export")
@click.argument("name")
@click.argument("folder", type=click.Path(path_type=Path, file_okay=False))
@click.pass_obj
def vault_export(data: Path, name: str, folder: Path) -> None:
    """Write a backup as JSON, Intel HEX and raw binary."""
    from daruma.handover.exchange import export
    from daruma.store.shop import Shop

    try:
        shop = Shop(data)
        for path in export(shop.vault.get(name), folder):
            click.echo(path)
        shop.close()
    except Trouble as trouble:
        _die(trouble)


@vault.command("import")
@click.argument("file", type=click.Path(path_type=Path, dir_okay=False))
@click.pass_obj
def vault_import(data: Path, file: Path) -> None:
    """Take a backup's JSON file into the vault."""
    from daruma.handover.exchange import read_file
    from daruma.store.shop import Shop

    try:
        content = read_file(file)
        shop = Shop(data)
        click.echo(f"{file.name} is {shop.vault.keep(content).name}")
        shop.close()
    except Trouble as trouble:
        _die(trouble)


@vault.command("schema")
def vault_schema() -> None:
    """Print the JSON Schema of backup files."""
    from daruma.handover.exchange import schema

    click.echo(schema(), nl=False)
