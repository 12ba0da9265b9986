"""Several things told in one line: its pairs, its clauses, words that need no label."""
