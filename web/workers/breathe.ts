/** Lets waiting messages in (a wish to stop, say) between two stretches of computing. */
export const breathe = (): Promise<void> =>
  new Promise((resume) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resume();
    };
    port2.postMessage(null);
  });
