import { listWeather } from '@/server/repositories/weather';
import { MeasuredPage } from '@/ui/day/measured/measured-page';

const DayHousePage = async () => <MeasuredPage brought={await listWeather()} />;

export default DayHousePage;
