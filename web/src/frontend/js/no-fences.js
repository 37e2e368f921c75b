// Alpine reads every global once, the browser's deprecated ones too, which it then reports. No page here uses a fenced frame: they go first.
['fence', 'Fence', 'FencedFrameConfig', 'HTMLFencedFrameElement'].forEach((name) => {
  delete globalThis[name];
});
