"""Lines to sections: one section a command, cut at the prompts, with the failure that its output states.

A prompt is known by its form (who and where, then a mark, then what was typed), not by one shell's name.
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass

from yes_tally.core.catalogue import FACTS
from yes_tally.core.failures import NOTHING_BUT_AN_ERROR, failure_kind
from yes_tally.core.reading.cutting.announced import announced
from yes_tally.core.reading.cutting.drawn import unframed
from yes_tally.core.reading.cutting.form_fields import without_fields
from yes_tally.core.reading.cutting.heads_in_parts import heads_in_parts
from yes_tally.core.reading.cutting.kinds_first import colons_behind_kinds
from yes_tally.core.reading.cutting.lines_of_things import one_form
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, field_of_item, is_known, meanings, subject_called
from yes_tally.core.reading.shapes.layout import MAX_LINE
from yes_tally.core.reading.statements.checks_said import kind_checked
from yes_tally.core.reading.statements.sentences import REACH_COUNTS, REACH_SAYS, statements
from yes_tally.core.reading.tables.log_rows import are_events, is_event
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.text.list_nouns import without_nouns
from yes_tally.core.reading.text.list_numbers import plainly_numbered
from yes_tally.core.reading.values.text_forms import CONNECTOR
from yes_tally.core.words import flag_of

_PROMPT = re.compile(
    r"(?P<prompt>(?:\[?\d{1,2}:\d{2}(?::\d{2})?\]? )?(?:\((?P<before>[\w.-]+)\) )?(?:PS )?"
    r"(?P<where>\[[^\]\s]{2,40}(?: [^\]\s]{1,40})?\]|<[A-Za-z]\w*(?:-\w+)*-\w*\d\w*(?=> [^<]+$)|[\w.-]+@[\w.-]+|[A-Za-z][\w.-]{1,24} on [A-Za-z][\w.-]{1,40}(?= )|"
    r"[A-Za-z][\w.-]{1,40}|[A-Za-z]:\\[^>\s]{0,80}|~(?= [$#%>])|/[\w./-]{1,60}(?= [$#%>])|➜ {1,2}(?=~)|(?=(?:[$#%>❯λ»▶▸►➤→⇒]|>>>?|[=-]{1,3}>|::) ))"
    r"(?P<host> [A-Za-z]\w*(?:-\w+)+(?= ?[>$#%]))?"
    r"(?P<inside> \[[\w.~/-]{1,40}\])?(?: ?\([\w.-]{1,24}\))?(?: \[?\d{1,2}:\d{2}(?::\d{2})?\]?(?= ?[>$#%]))?"
    r"(?::?[~/\\][\w./\\~-]{0,80}| [A-Za-z]:[\\/][^\s>]{0,80}| [~/][\w./~-]{0,80})?"
    r"(?::(?= ~ ))? ?(?P<mark>>>>?|>_(?= )|::>?|:~(?= [A-Za-z])|[=-]{1,3}>|[▶▸►➤→⇒]|(?<=-\d\d):(?= [a-z])|(?<=\w\]):(?= [\w/])|[>$#%»❯λ]|[~/|](?= |$)|(?<=\])(?= )))(?P<command>[ ]+\S.*|[A-Za-z/.]\S*.*|[ ]*)$"
)
_MARKS = re.compile(r"[>$#%»❯λ▶▸►➤→⇒~/|\]]|::|-\d\d: ")
# Any other form that holds the name of a host with a number in it: before the name a time, a number, a sign, who or
# which folder; behind it a port, a folder, who, a time, a number; then a mark or what closes a bracket.
_HOST_PROMPT = re.compile(
    r"(?:\[?#?\d{1,3}\]? |\[?(?:\d{4}-\d\d-\d\d[ T])?\d{1,2}:\d{2}(?::\d{2})?\]? |[^\w\s\"'(\[{<*+•·-]{1,2} ?|(?:[~/][\w./~-]*|[A-Za-z]:\\\S*) on )?"
    r"(?P<open>[\[({<])?(?:(?:[\w.-]+\\)?[\w.-]+(?:@| at | on )|[\w.-]+\\[\w.-]+ )?"
    r"(?P<where>[A-Za-z]\w*(?:-\w+)*-\w*\d\w*(?:\.[A-Za-z][\w-]*)*)(?P<inside>)"
    r"(?::\d{1,5})?(?(open)[\])}>])"
    r"(?: ?\[[^\]]{1,24}\]| ?\([^)]{1,24}\)| \d{1,2}:\d{2}(?::\d{2})?|(?: |:|: )(?:[A-Za-z]:)?[~/\\][^\s>$#%]{0,80}| (?:[\w.-]+\\)?[A-Za-z][\w.-]{0,16}(?= ?[$#%>:]{1,2} )| \d{1,3}(?= ?[$#%>])|:[\w.'’/~-]{1,40}(?= ?[$#%>])){0,2}"
    r"(?:: | )?(?P<mark>[$#%>»›❯λ▶→!:─]{1,3}(?= )|(?<=[)}>])(?= )|(?<=:[~/])(?= [a-z]))(?P<command> +(?:[A-Za-z][^\W_]|\./).*)$"
)
_BEGINS_WITH_IPV6 = re.compile(r"(?:[0-9a-f]{1,4}:){1,7}:", re.I)
_BEFORE_ARROW = re.compile(r"\s*([^\W\d_][^-=>:$#%]{1,40}?)\s*[-=]> ")
_HAS_NUMBERED_HOST = re.compile(r"-\w*\d")
# No host's name begins further on in a prompt.
_FURTHEST = 80
_BEGINS_COMMAND = re.compile(r"\s*(?:[\w./~&\"'-]|$)")
# A prompt that says which shell it is of.
_POWER = re.compile(r"PS \S+> ")
_NUMBERED_HOST = re.compile(r"@|\\|\d")
_STRONG_HOST = re.compile(r"@|\\|\d|-|\[|/")


@dataclass(frozen=True, slots=True)
class Section:
    """The lines of one command's output. ``lines`` excludes the prompt; ``failure`` is a kind of ``failures.FAILURES``."""

    command: str | None
    host: str | None
    first_line: int
    last_line: int
    lines: tuple[Line, ...]
    failure: str | None
    failure_line: int | None
    prompt_line: int | None


@dataclass(frozen=True, slots=True)
class _Prompt:
    index: int
    where: str
    command: str


def cut(lines: Sequence[Line]) -> list[Section]:
    """Cut decoded lines into sections; a report without prompts is one section."""
    prompts = _prompts(lines) or [_Prompt(place, "", command) for place, command in announced(lines)]
    sections: list[Section] = []
    first = prompts[0].index if prompts else len(lines)
    if first > 0 and any(line.text.strip() for line in lines[:first]):
        sections.append(_section(lines, None, 0, first))
    ends = [*(prompt.index for prompt in prompts[1:]), len(lines)]
    for prompt, following in zip(prompts, ends, strict=False):
        if prompt.command or any(line.text.strip() for line in lines[prompt.index + 1 : following]):
            sections.append(_section(lines, prompt, prompt.index + 1, following))
    return sections


def _prompts(lines: Sequence[Line]) -> list[_Prompt]:
    found: list[tuple[_Prompt, str]] = []
    for index, line in enumerate(lines):
        text = line.text
        if not text or text[:2] == "  " or len(text) > 400:
            continue
        indented, text = text[0] == " ", text.lstrip()
        match = _PROMPT.match(text) if _MARKS.search(text) else None
        if match is None or not match["where"] or not _BEGINS_COMMAND.match(match["command"]):
            match = (_HAS_NUMBERED_HOST.search(text, 0, _FURTHEST) and _HOST_PROMPT.match(text)) or match
        if match and _PORT.fullmatch(match["where"] or ""):
            continue
        if match and _BEGINS_WITH_IPV6.match(text):
            continue  # ``fe80::/64    on-link``
        if match and match["mark"] == ":" and field_of_item(text.partition(":")[0]):
            continue  # ``printer-0 name: Front desk``
        if match and (label := _BEFORE_ARROW.match(text)) and _is_label(label[1]):
            continue  # ``slot -> DIMM A1``
        if match and not re.match(r"\s*\d+\s?%|\s*%", match["command"] or ""):
            where = _where(match)
            if (indented and not _host(where)) or (not where and _HEADING.search(match["command"] or "")):
                continue
            if not where and _ARROW.match(match["mark"] or "") and not _SMALL.match(match["command"]):
                continue  # ``=> Hall printer``
            found.append((_Prompt(index, where, match["command"].strip()), match["mark"]))
    if any(prompt.where for prompt, _ in found):
        # Beside prompts that say where, ``# scope: user`` is a remark.
        found = [(prompt, mark) for prompt, mark in found if prompt.where or mark != "#"]
    kinds = {words_of(prompt.where) for prompt, _ in found} & SUBJECTS.keys()
    if len(kinds) >= _LEAST_KINDS:
        # ``Machine > Maker``, ``Memory > Installed``: of what each line tells, and no place.
        found = [(prompt, mark) for prompt, mark in found if words_of(prompt.where) not in kinds]
    seen = Counter((p.where, mark) for p, mark in found)
    first = next((index for index, line in enumerate(lines) if line.text.strip()), 0)
    return [
        prompt
        for prompt, mark in found
        if (seen[(prompt.where, mark)] > 1 and (_tells_by_mark(prompt, mark) or _lead_to_answers(lines, found, prompt)))
        or (prompt.command and prompt.index == first and not prompt.where and mark[0] in "$#%>❯λ")
        or (not mark and prompt.index == first and _host(prompt.where) and seen[(prompt.where, mark)] == 1)
        or (prompt.command and prompt.index == first and _POWER.match(lines[prompt.index].text))
        or (mark in ("/", "|") and prompt.index == first and _alone_before_answer(lines, prompt))
        or (
            prompt.command
            and mark
            and mark not in "/|:"
            and (_STRONG_HOST.search(prompt.where) or _answered(lines, prompt))
            and not (_ARROW.match(mark) and _in_list_with_arrows(lines, prompt))
        )
    ]


# ``DP-1 -> Panehill 27Q``: what a screen is plugged into.
_PORT = re.compile(CONNECTOR)


def _in_list_with_arrows(lines: Sequence[Line], prompt: _Prompt) -> bool:
    """Whether a line like ``Sign-in -> success`` stands right beside another that an arrow parts, and names no host."""
    beside = [lines[at] for at in (prompt.index - 1, prompt.index + 1) if 0 <= at < len(lines)]
    return not _NUMBERED_HOST.search(prompt.where) and any(_BEFORE_ARROW.match(line.text[:400]) for line in beside)


def _is_label(text: str) -> bool:
    return (
        is_known(text)
        or words_of(text) in SUBJECTS
        or bool((named := _NAMED.fullmatch(text)) and subject_called(*named.groups()))
    )


# ``CPU0``
_NAMED = re.compile(r"([^\W\d_]+) ?(\d{1,2})")


_LEAST_KINDS = 2
# ``>> disk C: (2025-02-11 08:40)``, ``>> Memory:``: no command ends so.
_HEADING = re.compile(r" \([^()]*\d[^()]*\)\s*$|:\s*$")


def _where(match: re.Match[str]) -> str:
    """Where a prompt stands: the host, where one of its parts says it."""
    if match.re is _HOST_PROMPT:
        return str(match["where"])
    named = match["host"] or match["where"]
    asides = (match["inside"] if match["mark"] else None, match["before"])
    numbered = (aside for aside in asides if aside and _NUMBERED_HOST.search(aside))
    return (named if _HAS_NUMBERED_HOST.search(named) else next(numbered, named)).strip("[] ")


def _tells_by_mark(prompt: _Prompt, mark: str) -> bool:
    """Whether the mark is a prompt's wherever it is seen twice; an arrow that says no place may lead a list's items,
    a colon a pair's value."""
    if mark in ("/", "|") and not _NUMBERED_HOST.search(prompt.where):
        return False  # ``Sign-in / Sign-out``
    return bool(mark) and mark != ":" and (bool(prompt.where) or not _LEADS_LISTS.match(mark))


_SMALL = re.compile(r"\s*(?:[a-z./~&]|$)")
# Without a place these lead the items of lists as well.
_ARROW = re.compile(r"[=-]+>|::|[»▶▸►➤→⇒]")
_LEADS_LISTS = re.compile(rf">>|{_ARROW.pattern}")


def _alone_before_answer(lines: Sequence[Line], prompt: _Prompt) -> bool:
    """Whether a first line like ``nq-dsp-03 | journal -e 5`` asks for what follows, and is no row of a table."""
    below = lines[prompt.index + 1].text if prompt.index + 1 < len(lines) else "|"
    return (
        _NUMBERED_HOST.search(prompt.where) is not None
        and _host(prompt.where) is not None
        and prompt.command[:1].islower()
        and not any(sign in of for of in (prompt.command, below) for sign in "/|")
    )


def _lead_to_answers(lines: Sequence[Line], found: Sequence[tuple[_Prompt, str]], asked: _Prompt) -> bool:
    """Whether lines like ``nq-drw-01 [tools] shelf`` and ``>>> os`` have answers; those of a log or a list follow each other."""
    indexes = {
        prompt.index for prompt, mark in found if prompt.where == asked.where and not _tells_by_mark(prompt, mark)
    }
    alone = [i for i in indexes if i + 1 not in indexes and i + 1 < len(lines)]
    return (not asked.where or _host(asked.where) is not None) and len(alone) * 2 > len(indexes)


def _answered(lines: Sequence[Line], prompt: _Prompt) -> bool:
    """Whether the next line is the command speaking of itself, as commands do when they fail."""
    after = lines[prompt.index + 1].text if prompt.index + 1 < len(lines) else ""
    return after.startswith(f"{prompt.command.split()[0]}:")


# What a pager prints between pages.
_PAGER = re.compile(
    r"\W{2,}\s*(?:more|mehr|weiter|suite|m[áa]s|altro|continua|mais|meer|wi[ęe]cej)\b[^:]{0,24}\W{1,3}\s*$", re.I
)


def _is_of_pager(text: str) -> bool:
    return not text[:1].isalnum() and not text.startswith("  ") and _PAGER.match(text[:80]) is not None


def _section(lines: Sequence[Line], prompt: _Prompt | None, start: int, end: int) -> Section:
    own = [line for line in lines[start:end] if not _is_of_pager(line.text)]
    written = one_form(colons_behind_kinds(heads_in_parts(without_nouns(plainly_numbered(own)))))
    body = tuple(without_fields(unframed(written)))
    failure, at = _failure(body)
    if prompt and not failure:
        failure, at = _of_what_was_typed(body, prompt.command)
    first = lines[prompt.index if prompt else start].number
    return Section(
        command=(prompt.command or None) if prompt else None,
        host=_host(prompt.where) if prompt else None,
        first_line=first,
        last_line=body[-1].number if body else first,
        lines=body,
        failure=failure,
        failure_line=at,
        prompt_line=lines[prompt.index].number if prompt else None,
    )


# ``bash-5.2$``: the shell says its own name.
_SHELL_AND_VERSION = re.compile(r"[a-z]{0,3}sh-\d[\d.]*")


def _host(where: str) -> str | None:
    """The host's name in a prompt, where its form says that it is one."""
    last = where.split("@")[-1].rpartition(" on ")[2].split()
    name = last[0].lstrip("<") if last else ""
    if _SHELL_AND_VERSION.fullmatch(name):
        return None
    return (
        name
        if re.fullmatch(r"[A-Za-z][\w.]*(?:-[\w.]+)+|(?=.*[A-Za-z])[\w.-]+", name) and ("@" in where or "-" in name)
        else None
    )


# ``Error 0x8007232B: …``, ``Fehler: …``
CALLS_ITSELF_ERROR = re.compile(
    r"\W*(?:fatal |internal )?(?:error|fehler|erreur|errore|erro|fout|b[łl][ąa]d)(?: (?:no|nr|code)?\.? ?[\w-]*\d\w*)?\s*[:.!]",
    re.I,
)


def _failure(body: Sequence[Line]) -> tuple[str | None, int | None]:
    """A command failed when one of the first things it said was a failure and it said little else."""
    said = [line for line in body if line.text.strip()]
    if len(said) > 4 or are_events(said) or _is_full_document(said):
        return None, None
    for line in said[:2]:
        kind = failure_kind(line.text)
        if kind and _among_others(line.text):
            continue
        if kind and is_event(line):
            return None, None  # what went wrong elsewhere, and at another time
        if kind == "not-supported" and _answers_no(line.text):
            continue
        if kind == "timed-out" and kind_checked(line.text[:MAX_LINE]):
            return None, None  # ``Energy check: stopped after 20 seconds``: a check that did not finish
        if kind == "timed-out" and _counts_answers(said):
            return None, None  # an echo test of which not everything was answered
        if kind == "not-found" and any(_NAME_AND_ADDRESS.match(other.text[:MAX_LINE]) for other in said):
            return None, None  # ``printer9: not found`` among other names that were looked up
        if kind and any(tells_pair(line.text) and tells_pair(other.text) for other in said if other is not line):
            return None, None  # ``printers: access denied`` among what else was asked for
        if kind:
            return kind, line.number
    return None, None


# ``there is no link eth9``, ``es gibt keine Karte eth9``; of a host that has no address a look-up tells.
_NONE_OF_THEM = re.compile(
    r"\b(?:no|kein\w*|pas d['e]|aucune?|ning[úu]n\w*|nessun\w*|nenhum\w*|geen|nie ma|brak)\W+(?!(?:host|name|address|server|rechner|adresse)\b)"
    r"(?:[^\W\d_]+ )?[\"'“„«]?(?P<which>[\w:/.-]*\w[:\\]?)[\"'”“»]?(?: here)?[.!]?\s*$",
    re.I,
)


def _of_what_was_typed(body: Sequence[Line], command: str) -> tuple[str | None, int | None]:
    """A command failed when all it said is its own name with a question mark, or that there is none of what was asked for."""
    said = [line for line in body if line.text.strip()]
    if len(said) != 1 or not (typed := command.split()):
        return None, None
    (line,) = said
    if line.text.replace("?", " ").split() == typed[:1] and "?" in line.text:
        return "not-found", line.number
    none = _NONE_OF_THEM.search(line.text[:MAX_LINE])
    asked = [word.strip("\"'") for word in typed[1:]]
    if none and none["which"] in asked and "." not in none["which"]:
        return NOTHING_BUT_AN_ERROR, line.number
    return None, None


_NAME_AND_ADDRESS = re.compile(r"(?:\W{0,3}|\s*\d{1,3}[.):]\s+)[A-Za-z][\w.-]*\W{1,4}\d{1,3}(?:\.\d{1,3}){3}\b")
_SEVERAL = 2
_BETWEEN = re.compile(r"[,;] | [|·] |(?<=\S) {2,}(?=\S)")


def _among_others(text: str) -> bool:
    """``guest: disabled, no administrator rights, never signed in``: whether what sounds like a failure is one of several
    things told of something."""
    return len(_BETWEEN.findall(text)) >= _SEVERAL and failure_kind(_BETWEEN.split(text, maxsplit=1)[0]) is None


# ``{"error": "access denied", "code": 5}`` tells nothing else; what tells more than so many values does.
_VALUES = re.compile(r"\"\s*:|</[\w:-]+>|/>")
_MOST_OF_ERROR = 6


def _is_full_document(said: Sequence[Line]) -> bool:
    """Whether lines are data that tell more than an error."""
    if not said or said[0].text.lstrip()[:1] not in ("{", "[", "<"):
        return False
    return sum(len(_VALUES.findall(line.text[: 4 * MAX_LINE])) for line in said) > _MOST_OF_ERROR


_TOLD = re.compile(r"\s*(?P<label>[^\W\d_][^:=]{1,40}?)\s*[:=]\s+\S")


def tells_pair(text: str) -> bool:
    """Whether a line is a pair whose label means something or names a kind of thing, and no error."""
    match = _TOLD.match(text[:MAX_LINE])
    return (
        match is not None
        and not CALLS_ITSELF_ERROR.match(text[:MAX_LINE])
        and (is_known(match["label"]) or words_of(match["label"]) in SUBJECTS)
    )


_ANSWERED = re.compile(r"\s*(?P<label>[^\W\d_][^:=]{1,40}?)(?:\s*[:=]\s+|\s?\.{2,}\s*|\s{2,})(?P<said>\S.*)")


def _answers_no(text: str) -> bool:
    """``Secure boot   not supported``: whether a line answers no to what its label asks."""
    match = _ANSWERED.match(text[:MAX_LINE])
    denied = match is not None and flag_of(match["said"]) is False
    return bool(match and denied and any(FACTS[m.phrase.fact].kind == "flag" for m in meanings(match["label"])))


def _counts_answers(lines: Sequence[Line]) -> bool:
    """Whether lines count what was sent and what came back (``4 sent, 0 came back, 4 lost (100 %)``)."""
    if any(_COUNTED.search(line.text[:MAX_LINE]) for line in lines):
        return True
    counts = {stated.fact for stated in statements(lines, REACH_SAYS) if stated.fact in REACH_COUNTS}
    return len(counts) > 1


_COUNTED = re.compile(r"\b\d{1,5}\b\D{1,30}\b\d{1,5}\b\D{1,30}\b\d{1,5} ?%")
