declare module '*.ttf' {
  const asset: number;
  export default asset;
}
