import http from 'node:http';

const changeBody = async (answer, response, change) => {
    let text = '';
    for await (const piece of answer.setEncoding('utf8')) text += piece;
    const {'content-length': _, ...headers} = answer.headers;
    response.writeHead(answer.statusCode, headers);
    response.end(change(text));
};

/**
 * A way to the server that can be cut: what a browser and its worker meet where there is no signal.
 * @param {number} port of the server
 */
export const startWay = async (port) => {
    let isCut = false;
    const open = new Set();
    const changed = {};
    const way = http.createServer((request, response) => {
        const headers = {...request.headers, connection: 'close'};
        const onward = http.request({host: '127.0.0.1', port, path: request.url, method: request.method, headers}, (answer) => {
            if (isCut) return response.destroy();
            const change = changed[request.url];
            if (change) return changeBody(answer, response, change);
            response.writeHead(answer.statusCode, answer.headers);
            answer.pipe(response);
        });
        onward.on('error', () => response.destroy());
        request.pipe(onward);
    });
    way.on('connection', (socket) => {
        if (isCut) return socket.destroy();
        open.add(socket);
        socket.on('close', () => open.delete(socket));
    });
    await new Promise((resolve) => way.listen(0, '127.0.0.1', resolve));
    return {
        address: 'http://127.0.0.1:' + way.address().port,
        cut: () => {
            isCut = true;
            open.forEach((socket) => socket.destroy());
        },
        mend: () => {
            isCut = false;
        },
        /** What the server sends from an address is changed on the way. */
        change: (address, change) => {
            changed[address] = change;
        },
        end: () => way.close(),
    };
};
