"""A change that settles every disputed figure of a guide that is read as JSON, by the reason of the house; for apply.

settle.py GUIDE.json FIGURE... > CHANGE.json    the ids of the disputed figures
"""
import json
import sys

guide = json.load(open(sys.argv[1], encoding="utf-8"))
edits = []
for figure in guide["figures"]:
    if figure["id"] in sys.argv[2:]:
        figure["settled"] = "The service book goes before what was said."
        edits.append({"op": "put", "kind": "figure", "value": figure, "at": None})
json.dump({"label": "settle figures", "edits": edits}, sys.stdout)
