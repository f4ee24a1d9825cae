"""The PDF of a page for archives: PDF/A-3b (ISO 19005-3), edition.json attached as its source.   archive_pdf.py PAGE IDENTIFIER DATE

What the maker of the PDF leaves out of an attachment is put in: its name, its kind, its date, and how it is related to the document.
"""
import logging
import sys

import pydyf
from weasyprint import HTML

page, identifier, date = sys.argv[1:4]
logging.getLogger("weasyprint").setLevel(logging.ERROR)


def finish(document, pdf):
    related = []
    for thing in pdf.objects:
        if isinstance(thing, pydyf.Dictionary) and thing.get("Type") == "/Filespec":
            thing["F"] = thing["UF"]
            thing["AFRelationship"] = "/Source"
            related.append(thing.reference)
        if isinstance(thing, pydyf.Stream) and thing.extra.get("Type") == "/EmbeddedFile":
            thing.extra["Subtype"] = "/application#2Fjson"
            thing.extra["Params"]["ModDate"] = pydyf.String(date)
    pdf.catalog["AF"] = pydyf.Array(related)


sys.stdout.buffer.write(HTML(page).write_pdf(
    attachments=["edition.json"], finisher=finish, identifier=identifier.encode(), variant="pdf/a-3b"))
