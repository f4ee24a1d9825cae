// An object store of our own for a while, strict as those at large: in the clear, with TLS, and behind a wire that breaks as a plan says.
//     node serve.mjs FOLDER
// Listens on 127.0.0.1 at ports the system gives, and writes them to FOLDER/ports as JSON: {"plain", "tls", "wire"}, and "database" for such
// a wire to the database server of ANAGRAPH_SERVER_PORT. FOLDER/key.pem and FOLDER/cert.pem: of the TLS side. FOLDER/plan and
// FOLDER/database-plan: what a wire does, read anew for each connection:
//     {"cut": N}        each connection ends after at most N bytes of either way, as often as "times" says
//     {"delay": MS}     each piece waits so long
//     {"answer": TEXT}  every request is answered with this
//     {"dead": true}    nobody answers
// FOLDER/full: while it is there, nothing more can be put into the store.
// FOLDER/plan.breaks, FOLDER/database-plan.breaks: how many connections the wire has cut under this plan.
import crypto from 'node:crypto';
import fs from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import net from 'node:net';
import path from 'node:path';
import S3rver from 's3rver';

const folder = process.argv[2];
const at = name => path.join(folder, name);
const KEY = 'S3RVER'; // and its secret
const buckets = [{ name: 'library' }, { name: 'other' }];
fs.mkdirSync(at('data'), { recursive: true });
const store = await new S3rver({
    address: '127.0.0.1', port: 0, silent: true, directory: at('data'), configureBuckets: buckets, vhostBuckets: false,
}).run();

// What a store at large checks and the one behind does not: who signed (AWS Signature Version 4), and that what arrived is what was sent.
const sha256 = bytes => crypto.createHash('sha256').update(bytes).digest('hex');
const hmac = (key, text) => crypto.createHmac('sha256', key).update(text).digest();
const encoded = text => encodeURIComponent(text).replace(/[!'()*]/g, c => '%' + c.charCodeAt(0).toString(16).toUpperCase());
const refusal = (request, body) => {
    const sent = /^AWS4-HMAC-SHA256 Credential=([^/]+)\/(\d{8})\/([^/]+)\/s3\/aws4_request, ?SignedHeaders=([^,]+), ?Signature=([0-9a-f]{64})$/.exec(
        request.headers.authorization ?? '');
    if (!sent) return 'MissingSecurityHeader';
    const [, key, day, region, names, signature] = sent;
    if (key !== KEY) return 'InvalidAccessKeyId';
    const said = request.headers['x-amz-content-sha256'];
    if (said !== sha256(body)) return 'XAmzContentSHA256Mismatch';
    const md5 = request.headers['content-md5'];
    if (md5 && md5 !== crypto.createHash('md5').update(body).digest('base64')) return 'BadDigest';
    const when = request.headers['x-amz-date'];
    const seconds = Date.parse(when.replace(/^(....)(..)(..)T(..)(..)(..)Z$/, '$1-$2-$3T$4:$5:$6Z')) / 1000;
    if (!(Math.abs(Date.now() / 1000 - seconds) < 900)) return 'RequestTimeTooSkewed';
    if (!['host', 'x-amz-content-sha256', 'x-amz-date'].every(n => names.split(';').includes(n))) return 'AccessDenied';
    const url = new URL(request.url, 'http://store');
    const query = [...url.searchParams].map(([n, v]) => [encoded(n), encoded(v)]).sort().map(([n, v]) => `${n}=${v}`).join('&');
    const canonical = [request.method, request.url.split('?')[0], query,
        ...names.split(';').map(n => `${n}:${String(request.headers[n]).trim().replace(/ +/g, ' ')}`), '', names, said].join('\n');
    const scope = `${day}/${region}/s3/aws4_request`;
    const secret = ['s3', 'aws4_request'].reduce(hmac, hmac(hmac('AWS4' + KEY, day), region));
    const right = hmac(secret, ['AWS4-HMAC-SHA256', when, scope, sha256(canonical)].join('\n')).toString('hex');
    return right === signature ? '' : 'SignatureDoesNotMatch';
};
const serve = (request, answer) => {
    const pieces = [];
    request.on('data', piece => pieces.push(piece));
    request.on('error', () => {});
    request.on('end', () => {
        const body = Buffer.concat(pieces);
        if (request.method === 'PUT' && fs.existsSync(at('full'))) {
            answer.writeHead(507);
            answer.end('<Error><Code>InsufficientStorage</Code></Error>');
            return;
        }
        const no = refusal(request, body);
        if (no) {
            const text = `<?xml version="1.0"?><Error><Code>${no}</Code></Error>`;
            answer.writeHead(no === 'BadDigest' || no === 'XAmzContentSHA256Mismatch' ? 400 : 403, { 'Content-Length': text.length });
            answer.end(request.method === 'HEAD' ? undefined : text);
            return;
        }
        const behind = http.request({ port: store.port, host: '127.0.0.1', method: request.method, path: request.url, headers: {
            ...request.headers, authorization: `AWS4-HMAC-SHA256 Credential=${KEY}/x/x/s3/aws4_request, SignedHeaders=x, Signature=x`,
        } }, got => {
            answer.writeHead(got.statusCode, got.headers);
            got.pipe(answer);
        });
        behind.on('error', () => answer.destroy());
        behind.end(body);
    });
};
const listening = server => new Promise(done => server.listen(0, '127.0.0.1', () => done(server.address())));
const plain = await listening(http.createServer(serve));
const tls = await listening(https.createServer({ key: fs.readFileSync(at('key.pem')), cert: fs.readFileSync(at('cert.pem')) }, serve));

// the same breaks in every run
let state = 20261201;
const random = most => {
    state = (Math.imul(state, 1103515245) + 12345) >>> 0;
    return Math.floor((state / 2 ** 32) * most);
};
// What comes to it goes to a port of this machine, as the plan of that name says.
const wire = (target, name) => {
    const planned = () => {
        try {
            return JSON.parse(fs.readFileSync(at(name), 'utf8'));
        } catch {
            return {};
        }
    };
    let breaks = 0;
    let last = '';
    return net.createServer(near => {
        const plan = planned();
        if (JSON.stringify(plan) !== last) {
            last = JSON.stringify(plan);
            breaks = 0;
        }
        near.on('error', () => {});
        if (plan.dead) return;
        if (plan.answer) {
            near.once('data', () => near.end(plan.answer));
            return;
        }
        const far = net.connect(target, '127.0.0.1');
        far.on('error', () => near.destroy());
        let left = plan.cut && breaks < (plan.times ?? Infinity) ? random(plan.cut) : Infinity;
        const end = () => {
            near.destroy();
            far.destroy();
        };
        const carry = (from, to) => {
            // one piece after the other; an end comes after the last of them
            let pieces = Promise.resolve();
            from.on('data', piece => {
                from.pause();
                pieces = pieces.then(async () => {
                    if (plan.delay) await new Promise(done => setTimeout(done, plan.delay));
                    if (piece.length >= left) {
                        to.write(piece.subarray(0, left));
                        fs.writeFileSync(at(`${name}.breaks`), String(++breaks));
                        left = Infinity;
                        setTimeout(end, 1);
                        return;
                    }
                    left -= piece.length;
                    to.write(piece, () => from.resume());
                });
            });
            from.on('end', () => pieces.then(() => to.end()));
            from.on('close', () => pieces.then(() => to.end()));
        };
        carry(near, far);
        carry(far, near);
    });
};
const ports = { plain: plain.port, tls: tls.port, wire: (await listening(wire(plain.port, 'plan'))).port };
// with a database server beside it, a wire to that one too
if (process.env.ANAGRAPH_SERVER_PORT)
    ports.database = (await listening(wire(Number(process.env.ANAGRAPH_SERVER_PORT), 'database-plan'))).port;
fs.writeFileSync(at('ports.new'), JSON.stringify(ports));
fs.renameSync(at('ports.new'), at('ports'));
