import { crc32 } from 'node:zlib';

/** A folder of files kept as they are, as word processors pack their documents. */
function packed(files: Readonly<Record<string, string>>): Buffer {
  const local: Buffer[] = [];
  const central: Buffer[] = [];
  let at = 0;
  for (const [path, words] of Object.entries(files)) {
    const [name, data] = [Buffer.from(path), Buffer.from(words)];
    // Version, flags, method, time, date, checksum, both sizes, length of the name, no extra field.
    const about = Buffer.alloc(26);
    about.writeUInt16LE(20, 0);
    about.writeUInt32LE(crc32(data), 10);
    about.writeUInt32LE(data.length, 14);
    about.writeUInt32LE(data.length, 18);
    about.writeUInt16LE(name.length, 22);
    local.push(Buffer.from('PK\x03\x04'), about, name, data);
    const place = Buffer.alloc(14);
    place.writeUInt32LE(at, 10);
    central.push(Buffer.from('PK\x01\x02\x14\0'), about, place, name);
    at += 30 + name.length + data.length;
  }
  const list = Buffer.concat(central);
  const end = Buffer.alloc(18);
  end.writeUInt16LE(Object.keys(files).length, 4);
  end.writeUInt16LE(Object.keys(files).length, 6);
  end.writeUInt32LE(list.length, 8);
  end.writeUInt32LE(at, 12);
  return Buffer.concat([...local, list, Buffer.from('PK\x05\x06'), end]);
}

const TYPES = `<?xml version="1.0"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/word/document.xml" ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/></Types>`;
const RELATIONS = `<?xml version="1.0"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="word/document.xml"/></Relationships>`;

/** A word processor's document of plain paragraphs. */
export function docx(paragraphs: readonly string[]): Buffer {
  const body = paragraphs.map((p) => `<w:p><w:r><w:t>${p}</w:t></w:r></w:p>`).join('');
  return packed({
    '[Content_Types].xml': TYPES,
    '_rels/.rels': RELATIONS,
    'word/document.xml': `<?xml version="1.0"?><w:document xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"><w:body>${body}</w:body></w:document>`,
  });
}
