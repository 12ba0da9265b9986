"""Rows of a log: the moment, the level and the id of an event, and whether rows that nothing names are one."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from itertools import pairwise

from yes_tally.core.reading.shapes.layout import cells_by_gap, indent_of
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import A_DAY, A_TIME, MOMENT
from yes_tally.core.words import plain

# So much deeper stands what goes on with a row.
DEEPER = 2
# Fewer letters tell no word that is cut short.
_LEAST_LETTERS = 3
_EVENT_ID = re.compile(r"[(\[]?[^\W\d_]{0,8}[ #:-]?\d{1,10}[)\]]?")


def is_level(text: str) -> bool:
    """Whether a cell is the level of an event, be it cut short (``OSTRZEŻ.``)."""
    word = plain(text).removesuffix(".")
    return (
        word in _LEVELS
        or _AUDITED.fullmatch(word) is not None
        or (text.endswith(".") and len(word) >= _LEAST_LETTERS and any(level.startswith(word) for level in _LEVELS))
    )


def is_event_id(text: str) -> bool:
    """Whether a cell has the form of an event's id (``(5719)``, ``id 153``)."""
    return _EVENT_ID.fullmatch(text) is not None


def is_message(text: str) -> bool:
    """Whether a cell is what an event says, not what it comes from: several words."""
    return text.count(" ") >= _LEAST_BLANKS


_LEAST_BLANKS = 3
_AUDITS = r"audit (?:ok|success|failure|failed)|(?:success|failure) audit"
# ``[2025-03-13 22:14:07] ERROR   disk   (id 153) Write to disk 1 was tried again.``
_LEADS = (
    re.compile(rf"\[?(?P<cell>{MOMENT})\]?(?= [^\W\d_])"),
    re.compile(rf"[<\[(]?(?!(?i:{_AUDITS}))(?P<cell>[^\W\d_]{{4,14}})[>\])]?:?(?= )"),
    re.compile(r"[(\[](?:(?:event )?(?:id|no|nr|code|#)[ .:#]{0,2})?(?P<cell>\d{1,10})[)\]]:?(?= |$)", re.I),
)


_ID_BEHIND = re.compile(r"(?P<source>[^\W\d_][\w.-]*(?: [\w.-]+)?) ?[(\[#/](?P<id>\d{1,6})[)\]]?")
# ``disk: The device has a bad block.``
_SOURCE_AND_TEXT = re.compile(
    r"(?P<source>[^\W\d_][\w.-]{1,30}(?: [\w.-]{1,20})?)(?: ?[\[(](?P<id>\d{1,6})[\])])?: (?P<text>[^\W_].* .*)"
)


def parts_of_event(cells: Sequence[tuple[str, int]]) -> Iterator[tuple[str, int]]:
    """The cells of a row of a log, with the moment, the level and the id apart from what they stand before."""
    sourced = levelled = False
    for text, at in _with_times(cells):
        for place, lead in enumerate(_LEADS):
            match = lead.match(text)
            if match and (place != 1 or (is_level(match["cell"]) and not levelled)):
                levelled = levelled or place == 1
                yield match["cell"], at + match.start("cell")
                rest = text[match.end() :]
                at += match.end() + len(rest) - len(rest.lstrip())
                text = rest.lstrip()
        tail = _ID_BEHIND.fullmatch(text)
        if tail:
            # ``netlogin (5719)``
            yield tail["source"], at
            yield tail["id"], at + tail.start("id")
        elif not sourced and (said := _SOURCE_AND_TEXT.fullmatch(text)):
            for name in said.groupdict():
                if said[name]:
                    yield said[name], at + said.start(name)
        elif text:
            yield text, at
        levelled = levelled or is_level(text)
        sourced = sourced or bool(text and not text[0].isdigit() and not is_level(text))


def _with_times(cells: Sequence[tuple[str, int]]) -> Sequence[tuple[str, int]]:
    """The cells with a day and the time of day right behind it as one."""
    for place, ((day, at), (clock, at_clock)) in enumerate(pairwise(cells)):
        if A_DAY.fullmatch(day) and A_TIME.fullmatch(clock):
            whole = f"{day.ljust(at_clock - at)}{clock}"
            return [*cells[:place], (whole, at), *cells[place + 2 :]]
    return cells


_STAMP = re.compile(rf"\s*(?:\[\d{{1,4}}\]\s+)?(?:[<\[(]?[^\W\d_]{{4,14}}[>\])]?:?\s+)?\[?{MOMENT}")
# ``audit success``, ``failure audit``: what a log of what is audited has for a level.
_AUDITED = re.compile(_AUDITS)
_LEVELS = frozenset(
    "error err warning warn info notice note alert emerg crit audit trace failure success information notice critical fatal debug verbose fehler warnung hinweis kritisch erreur avertissement informations critique "
    "advertencia informacion critico errore avviso informazione informazioni erro aviso informacao fout waarschuwing informatie kritiek blad "
    "ostrzezenie informacja informacje krytyczny krytyczne krytyczna critica kritieke ernstig ernstige schwer schwerwiegend grave severo serio powazny powazne fatale fataal melding meldung mededeling nota nachricht".split()
)


def is_event(line: Line) -> bool:
    """Whether a line begins with a moment and has a cell that is a level."""
    return _STAMP.match(line.text) is not None and any(
        is_level(text) for text, _ in parts_of_event(cells_by_gap(_MARKS.sub("  ", line.text)))
    )


# What parts cells where no gap does.
_MARKS = re.compile(r" ?[|;\t] ?")


def are_events(lines: Sequence[Line]) -> bool:
    """Whether most lines begin with a moment and have a cell that is a level: a log that nothing names."""
    least = min((indent_of(line.text) for line in lines), default=0)
    lines = [line for line in lines if indent_of(line.text) <= least + DEEPER]  # what stands deeper goes on
    levels = list(filter(is_event, lines))
    return len(levels) >= _LEAST_EVENTS and len(levels) * 4 >= len(lines) * 3


_LEAST_EVENTS = 2
