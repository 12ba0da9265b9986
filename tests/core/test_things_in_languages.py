"""Things of ten kinds in seven languages, each told of in words behind its name or below it."""

import unittest

from tests.core.readings import told
from tests.core.things_in_languages import THINGS

CALLED = {"volume": "mount", "update": "id", "firewall": "profile", "disk": "model"}
# The form of a thing, and what parts the words about it.
FORMS = (
    ("{name}: {words}", ", "), ("{name} - {words}", "; "), ("{name}   {words}", "   "), ("[{name}] {words}", ", "), ("{n}. {name}, {words}", ", "),
    ('"{name}": {words}', " | "), ("{name}\n    {words}", ", "), ("{name}\n    {words}", "\n    "), ("* {name}\n    {words}", "; "),
)  # fmt: skip


class ThingsInLanguages(unittest.TestCase):
    def test_each_is_called_and_told_of(self):
        for language, kinds in THINGS.items():
            for kind, (command, things) in kinds.items():
                for form, between in FORMS:
                    text = f"gp-1> {command}\n" + "\n".join(
                        form.format(n=n, name=name, words=between.join(words for words, _, _ in said))
                        for n, (name, said) in enumerate(things, 1)
                    )
                    with self.subTest(language=language, kind=kind, form=form, between=between):
                        found = told(text)
                        for n, (name, said) in enumerate(things, 1):
                            self.assertEqual(found.get(f"{kind}#{n}.{CALLED.get(kind, 'name')}"), name)
                            for words, field, value in said:
                                read = found.get(f"{kind}#{n}.{field}")
                                if isinstance(value, str):
                                    # Of a moment the day is enough here.
                                    self.assertTrue(str(read).casefold().startswith(value.casefold()), (words, read))
                                elif value is not None:
                                    self.assertEqual(read, value, words)
                                else:
                                    self.assertIsNotNone(read, words)


if __name__ == "__main__":
    unittest.main()
