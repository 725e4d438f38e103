import QRCode from 'qrcode'

/** A code that opens an address, as a PNG in a data URL. */
export const paperCode = (address: string): Promise<string> =>
  QRCode.toDataURL(address, { errorCorrectionLevel: 'M', margin: 2, width: 360 })
