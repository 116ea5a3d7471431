// Where `ng serve` finds the API; `npm run dev` says the port.
export default {
  '/api': { target: `http://127.0.0.1:${process.env.OTTER_API_PORT}` },
};
