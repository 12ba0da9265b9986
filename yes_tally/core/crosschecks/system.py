"""The system: its age against older traces, its licence against itself, the machine against its maker's pattern."""

from __future__ import annotations

from collections.abc import Iterable
from datetime import datetime, timedelta

from yes_tally.core.crosschecks.finding import Seen, range_of, shown, sure, text_of
from yes_tally.core.parts.book import PartsBook, has_form
from yes_tally.core.settling.by_parts import model_of
from yes_tally.core.settling.facts import Fact, FactBook

_OLDER_TRACE = timedelta(days=60)
_DAY = timedelta(days=1)


def _moment(fact: Fact | None) -> tuple[datetime, datetime] | None:
    if sure(fact) is None or fact is None or fact.value.value == "never":
        return None
    try:
        readings = [
            (datetime.fromisoformat(str(r.low)), datetime.fromisoformat(str(r.high))) for r in fact.value.readings()
        ]
    except ValueError:
        return None
    return min(low for low, _ in readings), max(high for _, high in readings)


def installed_and_traces(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    installed, trace = book.single("os.installed_at"), book.single("os.oldest_trace_at")
    claimed, oldest = _moment(installed), _moment(trace)
    if installed and trace and claimed and oldest and claimed[0] - oldest[1] > _OLDER_TRACE:
        days = (claimed[0] - oldest[1]).days
        apart = f"{days / 365.25:.1f} years" if days > 2 * 365 else f"{days} days"
        yield f"set up {shown(installed)[:10]}, but its oldest trace is {apart} older", (installed, trace)


def started_and_installed(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    started, installed = book.single("host.booted_at"), book.single("os.installed_at")
    last, claimed = _moment(started), _moment(installed)
    if started and installed and last and claimed and last[1] < claimed[0] - _DAY:
        yield (
            f"last started {shown(started)[:10]}, before it was set up ({shown(installed)[:10]})",
            (started, installed),
        )


def licence_for_good(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    permanent, expires = sure(book.single("licence.permanent")), sure(book.single("licence.expires_at"))
    if permanent and expires and not permanent.derived:
        never = expires.value.value == "never"
        if permanent.value.value is True and not never:
            yield f"the licence is told to be for good, but ends {shown(expires)[:10]}", (permanent, expires)


def licence_that_ended(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    state, expires = sure(book.single("licence.state")), sure(book.single("licence.expires_at"))
    started = _moment(book.single("host.booted_at"))
    ended = _moment(expires)
    if state and expires and started and ended and text_of(state) == "active" and ended[1] < started[0]:
        yield f"the licence is told active, but ended {shown(expires)[:10]}", (state, expires)


def secure_boot_and_mode(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    secure, mode = sure(book.single("firmware.secure_boot")), sure(book.single("firmware.mode"))
    if secure and mode and secure.value.value is True and text_of(mode) == "legacy":
        yield "secure boot is told on, but the firmware starts in legacy mode, which has none", (secure, mode)


def serial_in_pattern(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    serial, maker = sure(book.single("machine.serial")), sure(book.single("machine.maker"))
    if serial is None:
        return
    model = model_of(parts, book)
    known = (
        model if model and "serial_form" in model.printed else parts.find("maker", text_of(maker)) if maker else None
    )
    form = known.printed.get("serial_form", "") if known else ""
    if known and form and not has_form(text_of(serial), form):
        says = f"serials of {known.number} are written {form}"
        facts = (serial, maker) if maker else (serial,)
        yield f"the serial {shown(serial)} is not in its maker's pattern: {says}", facts, says


def renewed(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    told = sure(book.single("machine.refurbished"))
    if told and told.value.value is True:
        model = book.single("machine.model") or told
        yield f"the maker marks it as a refurbished PC: {told.witnesses[0].printed}", (told, model)


def battery_and_design(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for fields in book.items("battery").values():
        full, design, health = fields.get("full"), fields.get("design"), fields.get("health")
        now, new, told = range_of(full), range_of(design), range_of(health)
        if not (full and design and now and new) or new[1] <= 0:
            continue
        if now[0] > new[1] * 1.15:
            yield f"the battery holds {shown(full)} mWh, more than the {shown(design)} it was made for", (full, design)
        elif (
            health
            and told
            and not health.derived
            and (told[1] < now[0] / new[1] - 0.03 or told[0] > now[1] / max(new[0], 1) + 0.03)
        ):
            yield (
                f"the battery's health is told as {shown(health)}, but it holds {shown(full)} of {shown(design)} mWh",
                (health, full, design),
            )
