"""What is read of a text, as tests compare it."""

from yes_tally.core.reading.reader import read


def told(text):
    """The value of each fact that a text tells for sure, by the fact or by ``item#n.field``."""
    found = {}
    for reading in read(text.encode()).readings:
        if reading.confidence >= 0.5:
            key = f"{reading.item}.{reading.fact.partition('.')[2]}" if reading.item else reading.fact
            found[key] = reading.value.value
    return found


def assert_things_told(case, text, group, naming, things):
    """That a text names each of the ``things``, in order, and tells what is said of each: (its name, by field the words and
    the value). Returns what it tells."""
    found = told(text)
    for n, (name, said) in enumerate(things, 1):
        case.assertEqual(found.get(f"{group}#{n}.{naming}"), name)
        for field, (_, value) in said.items():
            case.assertEqual(found.get(f"{group}#{n}.{field}"), value, field)
    return found
