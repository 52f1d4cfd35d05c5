import http from 'node:http';

/**
 * A way to the server that can be cut: what a browser and its worker meet where there is no signal.
 * @param {number} port of the server
 */
export const startWay = async (port) => {
    let isCut = false;
    const open = new Set();
    const way = http.createServer((request, response) => {
        const headers = {...request.headers, connection: 'close'};
        const onward = http.request({host: '127.0.0.1', port, path: request.url, method: request.method, headers}, (answer) => {
            if (isCut) return response.destroy();
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
        end: () => way.close(),
    };
};
