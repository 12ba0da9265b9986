"""The text of a spec to its tree, with every mistake found at once: line, column, what was expected, the nearest word."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from functools import lru_cache
from pathlib import Path
from typing import Any

from lark import Lark, Token, Transformer, UnexpectedInput, v_args
from lark.exceptions import UnexpectedCharacters, UnexpectedEOF, UnexpectedToken, VisitError
from rapidfuzz import fuzz, process

from yes_tally.core.catalogue import FACTS, FIELDS, ITEMS, NUMBER_KINDS, FactKind
from yes_tally.core.expecting.comparisons import trouble_with
from yes_tally.core.expecting.contradictions import never_holds
from yes_tally.core.expecting.terms import (
    All,
    Any_,
    Comparison,
    Counted,
    Expectation,
    Limit,
    Not,
    Quantified,
    Same,
    Spec,
    SpecError,
    SpecMistakes,
    Term,
)

APPLIES_BY = ("role", "site", "form", "tag")
MAX_LINES = 10_000
MAX_LINE = 4_000
MAX_MISTAKES = 100
_LONGEST_WORD = 100
_NAME_LINE = re.compile(r'spec\s+"([^"]+)"\s*$')
_FOR_LINE = re.compile(r"for\s+(\w+)\s+(.+?)\s*$")
_WORDS_OF_LANGUAGE = (
    "must should every some no where and or not because at least most above below is one of like matches contains within between "
    "after before known count same across today"
).split()
_TERMINALS = {
    "STRENGTH": "must or should", "FACT": "a fact such as memory.installed", "NAME": "an item or a field",
    "QUANTITY": "a quantity such as 16 GB", "STRING": "a text in quotes", "WORD": "a word", "TODAY": "today",
    "COLON": "“:”", "COMMA": "“,”", "$END": "the end of the line", "QUANTIFIER": "every, some or no", "LPAR": "“(”",
    "RPAR": "“)”", "SIGN": "“+” or “-”",
}  # fmt: skip

_FACTOR = {"": 0, "k": 1, "m": 2, "g": 3, "t": 4, "p": 5}
_SPAN = {"second": 1, "minute": 60, "hour": 3600, "day": 86400, "week": 604800}
_LARGEST = 1e30
_LONGEST_SPAN = 1000 * 365 * 86400
_QUANTITY = re.compile(r"(?P<number>\d+(?:\.\d+)?)\s?(?P<unit>\S.*)?$")
_DECIMAL_SIZES = frozenset({"disk", "partition", "volume"})
_ORDER_TESTS = frozenset({"at_least", "at_most", "above", "below", "between"})
_TEXT_KINDS = frozenset({"text", "version", "uuid", "mac", "ip", "list"})


def _nearest(word: str, words: Sequence[str]) -> str:
    """The word that was probably meant, or an empty text."""
    found = process.extractOne(word[:_LONGEST_WORD], words, scorer=fuzz.ratio, score_cutoff=60) if word else None
    return str(found[0]) if found else ""


class _Mistake(ValueError):
    """A mistake found in one place of a line."""

    def __init__(self, token: Token | None, message: str, words: tuple[str, ...] = ()) -> None:
        super().__init__(message)
        self.column = (token.column or 1) if token is not None else 1
        self.message = message
        self.nearest = _nearest(str(token), words) if token is not None else ""


@lru_cache(maxsize=1)
def _lark() -> Lark:
    grammar = Path(__file__).with_name("grammar.lark").read_text("utf-8")
    return Lark(grammar, start="expectation", parser="lalr", maybe_placeholders=True)


def parse_spec(text: str) -> Spec:
    """Parse a spec's text. Raises ``SpecMistakes`` with every mistake in it."""
    lines = text.splitlines()
    errors: list[SpecError] = []
    if len(lines) > MAX_LINES:
        raise SpecMistakes((SpecError(MAX_LINES + 1, 1, f"a spec has at most {MAX_LINES} lines"),))
    name, applies, expectations = "", dict[str, tuple[str, ...]](), list[Expectation]()
    for number, line in enumerate(lines, 1):
        if len(errors) >= MAX_MISTAKES:
            errors.append(SpecError(number, 1, f"after {MAX_MISTAKES} mistakes the rest was not looked at"))
            break
        try:
            body = _without_comment(_of_length(line, number))
            if not body.strip():
                continue
            if not name and not expectations:
                name = _name(body, number)
            elif body.lstrip().startswith("for "):
                key, words = _applies(body, number)
                applies[key] = applies.get(key, ()) + words
            else:
                expectations.append(parse_expectation(body, number))
        except SpecMistakes as mistakes:
            errors += mistakes.errors
            name = name or "?"
    if not name:
        errors.append(SpecError(1, 1, "a spec begins with its name", ('spec "Name"',)))
    if errors:
        raise SpecMistakes(tuple(errors))
    return Spec(name, applies, tuple(expectations))


def _of_length(line: str, number: int) -> str:
    if len(line) > MAX_LINE:
        message = f"this line is longer than {MAX_LINE} characters"
        raise SpecMistakes((SpecError(number, MAX_LINE + 1, message),))
    return line


def _without_comment(line: str) -> str:
    quoted = False
    for place, char in enumerate(line):
        if char == '"':
            quoted = not quoted
        elif char == "#" and not quoted:
            return line[:place]
    return line


def _name(line: str, number: int) -> str:
    match = _NAME_LINE.match(line.strip())
    if match is None:
        raise SpecMistakes((SpecError(number, 1, "a spec begins with its name", ('spec "Name"',)),))
    return match[1]


def _applies(line: str, number: int) -> tuple[str, tuple[str, ...]]:
    match = _FOR_LINE.match(line.strip())
    if match is None or match[1] not in APPLIES_BY:
        word = match[1] if match else ""
        nearest = _nearest(word, APPLIES_BY)
        column = line.find(word) + 1 if word else 1
        raise SpecMistakes((SpecError(number, column, "it is not said whom the spec is for", APPLIES_BY, nearest),))
    return match[1], tuple(part.strip().strip('"') for part in match[2].split(","))


def parse_expectation(line: str, number: int = 1) -> Expectation:
    """Parse one expectation. Raises ``SpecMistakes``."""
    parsed = _parsed(line)
    if isinstance(parsed, SpecError):
        raise SpecMistakes((replace(parsed, line=number),))
    return replace(parsed, line=number)


# Of a spec that is being written, all lines but one are as they were.
@lru_cache(maxsize=32768)
def _parsed(line: str) -> Expectation | SpecError:
    try:
        parsed: Expectation = _Builder().transform(_lark().parse(line))
    except VisitError as error:
        cause = error.orig_exc
        if not isinstance(cause, _Mistake):
            raise
        return SpecError(0, cause.column, cause.message, (), cause.nearest)
    except UnexpectedInput as error:
        return _syntax_error(error, line)
    except RecursionError:
        return SpecError(0, 1, "its brackets are nested too deeply")
    return replace(parsed, text=" ".join(line.split()))


def _syntax_error(error: UnexpectedInput, line: str) -> SpecError:
    column = max(1, getattr(error, "column", 1) or 1)
    if isinstance(error, UnexpectedEOF) or (isinstance(error, UnexpectedToken) and error.token.type == "$END"):
        column, word = len(line.rstrip()) + 1, ""
        message = "the line ends too early"
    else:
        match = re.match(r"[\w.]+|\S", line[column - 1 :])
        word = match.group() if match else ""
        message = f"“{word}” does not fit here"
    names = set(error.accepts or ()) | set(error.expected or ()) if isinstance(error, UnexpectedToken) else set()
    if isinstance(error, UnexpectedCharacters):
        names = set(error.allowed or ())
    expected = tuple(sorted(filter(None, {_in_words(name) for name in names})))
    words = [word for word in map(_in_words, names) if word.isalpha()] or _WORDS_OF_LANGUAGE
    nearest = _nearest(word.casefold(), [*words, "must", "should"])
    return SpecError(0, column, message, expected, "" if nearest == word else nearest)


def _in_words(terminal: str) -> str:
    """A terminal of the grammar as a person writes it; nothing for a symbol, whose word is told too."""
    known = _TERMINALS.get(terminal)
    if known is None:
        written = _lark().get_terminal(terminal).pattern.value
        return str(written) if written.isalpha() else ""
    return known


@v_args(inline=True)
class _Builder(Transformer[Token, Any]):
    """Builds the tree bottom-up; a bare field waits as a pending comparison until its item is known."""

    def expectation(self, strength: Token, clause: Any, because: Token | None) -> Expectation:
        term = _resolve(clause, None)
        never = never_holds(term)
        if never:
            raise _Mistake(strength, f"this can never hold: {never}")
        return Expectation(strength.value, term, because[1:-1] if because else "", 0, "")

    def disjunction(self, *parts: Any) -> Any:
        return Any_(tuple(parts))

    def conjunction(self, *parts: Any) -> Any:
        return All(tuple(parts))

    def negation(self, part: Any) -> Any:
        return Not(part)

    def quantified(self, quantifier: Token, group: Token, where: Any, then: Any) -> Any:
        item = _item(group)
        if quantifier == "every" and then is None:
            raise _Mistake(group, f"it is not said what every {item} must be: write it after “:”")
        return Quantified(
            quantifier.value,
            item,
            None if where is None else _resolve(where, item),
            None if then is None else _resolve(then, item),
        )

    def counted(self, group: Token, where: Any, test: Any) -> Any:
        item = _item(group)
        name, limits = test
        found = tuple(_limit(limit, FACTS["memory.slots"], None) for limit in limits)
        return Counted(item, None if where is None else _resolve(where, item), name, found)

    def same(self, field: Token, group: Token) -> Any:
        item = _item(group)
        return Same(_field(field, item).name, item)

    def comparison(self, subject: Token, test: Any) -> Any:
        return _Pending(subject, *test)

    def subject(self, name: Token) -> Token:
        return name

    def limits(self, *limits: Any) -> tuple[Any, ...]:
        return limits


def _test(name: str) -> Any:
    def build(self: _Builder, *limits: Any) -> tuple[str, tuple[Any, ...]]:
        flat = limits[0] if limits and isinstance(limits[0], tuple) and not isinstance(limits[0], _RawLimit) else limits
        return name, tuple(flat)

    return v_args(inline=True)(build)


class _RawLimit(tuple[str, Any]):
    """A limit as parsed: its form and its tokens, before its fact is known."""


def _raw(form: str) -> Any:
    def build(self: _Builder, *tokens: Any) -> _RawLimit:
        return _RawLimit((form, tokens))

    return v_args(inline=True)(build)


for _name_of_test in (
    "at_least", "at_most", "above", "below", "after", "before", "is_known", "is_one_of", "is_not_one_of", "is_not",
    "is", "like", "contains", "within", "between", "matches",
):  # fmt: skip
    setattr(_Builder, _name_of_test, _test(_name_of_test))
for _form in ("text", "share_of", "product", "quantity", "today", "word"):
    setattr(_Builder, _form, _raw(_form))


class _Pending:
    """A comparison whose subject is not resolved yet."""

    def __init__(self, subject: Token, test: str, limits: tuple[Any, ...]) -> None:
        self.subject, self.test, self.limits = subject, test, limits


def _resolve(node: Any, item: str | None) -> Term:
    if isinstance(node, _Pending):
        return _comparison(node, item)
    if isinstance(node, All):
        return All(tuple(_resolve(part, item) for part in node.parts))
    if isinstance(node, Any_):
        return Any_(tuple(_resolve(part, item) for part in node.parts))
    if isinstance(node, Not):
        return Not(_resolve(node.part, item))
    term: Term = node
    return term


def _comparison(pending: _Pending, item: str | None) -> Comparison:
    fact = _subject(pending.subject, item)
    if pending.test in _ORDER_TESTS and fact.kind not in NUMBER_KINDS | {"version", "moment"}:
        raise _Mistake(pending.subject, f"{fact.name} is a {fact.kind}; it has no more or less")
    if pending.test in ("after", "before") and fact.kind != "moment":
        raise _Mistake(pending.subject, f"{fact.name} is a {fact.kind}, not a moment")
    limits = tuple(_limit(raw, fact, item) for raw in pending.limits)
    if pending.test == "matches":
        _regular(pending, fact, limits[0])
    return Comparison(fact.name, pending.test, limits)


def _regular(pending: _Pending, fact: FactKind, limit: Limit) -> None:
    token = pending.limits[0][1][0]
    if fact.kind not in _TEXT_KINDS or pending.limits[0][0] != "text":
        raise _Mistake(token, f"{fact.name} cannot be matched: a regular expression, in quotes, is for texts")
    trouble = trouble_with(limit.text)
    if trouble:
        raise _Mistake(token, f"this is no regular expression: {trouble}")


def _subject(token: Token, item: str | None) -> FactKind:
    if "." in token:
        if token in FACTS:
            return FACTS[str(token)]
        raise _Mistake(token, f"there is no fact “{token}”", tuple(FACTS))
    if item is None:
        names = tuple(name for name in FACTS if name.endswith(f".{token}"))
        raise _Mistake(token, f"“{token}” needs its group before it", names or tuple(FACTS))
    return _field(token, item)


def _field(token: Token, item: str) -> FactKind:
    fact = FACTS.get(f"{item}.{token}")
    if fact is None:
        raise _Mistake(token, f"a {item} has no “{token}”", tuple(f.field for f in FIELDS[item]))
    return fact


def _item(token: Token) -> str:
    if token not in ITEMS:
        raise _Mistake(token, f"there are no items called “{token}”", ITEMS)
    return str(token)


def _limit(raw: Any, fact: FactKind, item: str | None) -> Limit:
    form, tokens = raw
    token = tokens[0]
    printed = " ".join(str(t) for t in tokens if t is not None)
    if form == "text":
        return Limit(printed, "text", text=str(token)[1:-1])
    if form == "word":
        return _word(token, fact)
    if form == "today":
        sign = -1.0 if tokens[1] == "-" else 1.0
        return Limit(printed, "today", number=sign * _span(tokens[2]) if tokens[2] else 0.0)
    if form == "share_of":
        of = _subject(tokens[1], item)
        if not str(token).endswith("%"):
            raise _Mistake(token, "only a share, such as 15%, can be taken of another fact")
        return Limit(f"{token} of {tokens[1]}", "times", number=float(str(token).rstrip("% ")) / 100, of=of.name)
    if form == "product":
        of = _subject(tokens[1], item)
        each = _quantity(token, fact)
        if each.kind != "number" or of.kind not in NUMBER_KINDS:
            raise _Mistake(tokens[1], f"“{token} * {tokens[1]}” is no product of a quantity and a number")
        return Limit(f"{token} * {tokens[1]}", "times", number=each.number, of=of.name)
    return _quantity(token, fact)


def _word(token: Token, fact: FactKind) -> Limit:
    word = str(token)
    if fact.kind == "flag" and word not in ("yes", "no"):
        raise _Mistake(token, f"{fact.name} is yes or no, not “{word}”", ("yes", "no"))
    if fact.kind == "choice":
        match = next((c for c in fact.choices if c.casefold() == word.casefold()), None)
        if match is None:
            raise _Mistake(token, f"{fact.name} is never “{word}”: it is {', '.join(fact.choices)}", fact.choices)
        return Limit(word, "text", text=match)
    if fact.kind in NUMBER_KINDS:
        raise _Mistake(token, f"{fact.name} is a {fact.kind}; “{word}” is no quantity")
    return Limit(word, "text", text=word)


def _quantity(token: Token, fact: FactKind) -> Limit:
    text = str(token)
    if fact.kind in ("version", "moment", "text", "list"):
        return Limit(text, "text", text=text)
    match = _QUANTITY.match(text)
    if match is None:
        raise _Mistake(token, f"“{text}” is no quantity of {fact.name}")
    number, unit = float(match["number"]), (match["unit"] or "").strip()
    if number > _LARGEST:
        raise _Mistake(token, f"“{text[:20]}…” is larger than any {fact.kind}")
    factor = _factor(fact, unit)
    if factor is None:
        raise _Mistake(token, f"“{unit or text}” is no unit of a {fact.kind} such as {fact.name}")
    return Limit(text, "number", number=number * factor)


def _factor(fact: FactKind, unit: str) -> float | None:
    """The factor from a unit to the fact's base unit, or ``None`` when the unit does not fit."""
    low = unit.casefold()
    if fact.kind == "count":
        return 1.0 if low in ("", "mt/s", "mhz", "bit", "hz") else None
    if fact.kind == "share":
        return 0.01 if low == "%" else 1.0 if not low else None
    if fact.kind == "size" and re.fullmatch(r"(?:[kmgtp]i?)?b|bytes", low):
        power = 0 if low == "bytes" else _FACTOR[low[0] if low != "b" else ""]
        decimal = "i" not in low and fact.group in _DECIMAL_SIZES
        return (1000.0 if decimal else 1024.0) ** power
    if fact.kind == "clock" and re.fullmatch(r"[kmg]?hz", low):
        return 1000.0 ** _FACTOR[low[0] if low != "hz" else ""]
    if fact.kind == "rate" and re.fullmatch(r"[kmg]?bit/s", low):
        return 1000.0 ** _FACTOR[low[0] if low[0] != "b" else ""]
    return float(_SPAN[low.rstrip("s")]) if fact.kind == "span" and low.rstrip("s") in _SPAN else None


def _span(token: Token) -> float:
    match = _QUANTITY.match(str(token))
    unit = (match["unit"] or "").rstrip("s") if match else ""
    if match is None or unit not in _SPAN:
        raise _Mistake(token, f"“{token}” is no span of time", tuple(_SPAN))
    seconds = float(match["number"]) * _SPAN[unit]
    if seconds > _LONGEST_SPAN:
        raise _Mistake(token, f"“{str(token)[:30]}” is more than a thousand years")
    return seconds
